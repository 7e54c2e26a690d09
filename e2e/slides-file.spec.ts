/** Slides out to other programs and in from them: saved, read by strangers, imported, several at once, in the editor too. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { createRequire } from 'node:module';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { itemsOf, lettersOf, readDeck, slidesInOrder } from '@gobrel/core/deck';
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { strFromU8, unzipSync } from 'fflate';
import type { parse as parseSlides } from 'pptxtojson';
import { expectClean } from './expect-clean';
import { newTeacher, odile } from './people';

const { parse } = createRequire(import.meta.url)('pptxtojson/dist/index.cjs') as { readonly parse: typeof parseSlides };
const says = messages.slidesFile;
const odfSchema = join(import.meta.dirname, '../node_modules/.schemas/OpenDocument-schema-v1.3.rnc');
const importing = messages.library.import;
const fixture = (name: string) => join(import.meta.dirname, 'fixtures/presentations', name);

/** Saves a deck of the sample in a format. */
async function savedAs(page: Page, deckId: string, format: keyof typeof says.formats): Promise<Buffer> {
  await page.goto(`/decks/${deckId}`);
  await page.getByRole('button', { name: messages.editor.moreActions }).click();
  await page.getByRole('menuitem', { name: says.action }).click();
  const dialog = page.getByRole('dialog', { name: says.title });
  await dialog.getByRole('radio', { name: new RegExp(says.formats[format].slice(0, 8)) }).check();
  await expectClean(page);
  const download = page.waitForEvent('download');
  await dialog.getByRole('button', { name: says.save }).click();
  const file = await download;
  await expect(dialog.getByRole('list', { name: says.left })).toBeVisible();
  await expectClean(page);
  await dialog.getByRole('button', { name: messages.common.close }).last().click();
  return readFileSync(await file.path());
}

/** A slide as the reader of `read-odp.py` tells it: places are left, top, width and height, in slide units. */
interface ToldSlide {
  readonly name: string;
  readonly shapes: readonly {
    readonly words: string;
    readonly place: readonly (number | null)[];
    readonly links: readonly (string | null)[];
  }[];
  readonly cells: readonly string[];
}

/** The words of a deck that are written as they are, slide by slide, where they stand and to which slide they lead. */
async function shownIn(page: Page, deckId: string) {
  const made = await page.request.post('/api/accounts/tokens', {
    data: { name: 'reads', scopes: ['decks:read'], days: 7 },
  });
  const { token } = (await made.json()) as { token: string };
  const answer = await page.request.get(`/api/v1/decks/${deckId}`, { headers: { authorization: `Bearer ${token}` } });
  const { deck } = readDeck(((await answer.json()) as { deck: unknown }).deck);
  return slidesInOrder(deck).map(({ id, name }) => ({
    name,
    shapes: itemsOf(deck, id).flatMap((item) => {
      const words = item.kind === 'text' || item.kind === 'shape' ? lettersOf(item.text).replaceAll('\n', ' ') : '';
      // Formulas are written in a line.
      if (words === '' || /\\[([]/.test(words)) return [];
      const { x, y, width, height } = item.frame;
      const leadsTo = item.link?.to === 'slide' ? (deck.slides[item.link.slideId]?.name ?? null) : null;
      return [{ words, place: [x, y, width, height], leadsTo }];
    }),
  }));
}

/** The words of a piece of HTML. */
function withoutTags(html: string): string {
  return html
    .replaceAll(/<[^>]*>/g, '')
    .replaceAll('&nbsp;', ' ')
    .replaceAll('&amp;', '&');
}

/** Gives files to the import of the library. */
async function importFiles(page: Page, files: Parameters<ReturnType<Page['getByLabel']>['setInputFiles']>[0]) {
  await page.goto('/');
  await page.getByRole('button', { name: messages.library.otherSize }).click();
  await page.getByRole('menuitem', { name: importing.open }).click();
  await page.getByLabel(importing.choose).setInputFiles(files);
}

test('OpenDocument goes by the schema of the standard, and says the same to a reader of others; it comes back', async ({
  page,
}) => {
  await odile(page);
  const bytes = await savedAs(page, 'tide-numbers', 'odp');
  const folder = mkdtempSync(join(tmpdir(), 'gobrel-odp-'));
  try {
    const file = join(folder, 'tide.odp');
    writeFileSync(file, bytes);
    const parts = unzipSync(bytes);
    expect(Object.keys(parts)[0]).toBe('mimetype');
    for (const name of Object.keys(parts).filter((path) => /(content|styles|meta)\.xml$/.test(path))) {
      const part = join(folder, name.replaceAll(/[/ ]/g, '-'));
      writeFileSync(part, parts[name] ?? '');
      // Ends with a fault, which says where, for what the schema does not allow.
      execFileSync('jing', ['-i', '-c', odfSchema, part], { stdio: 'pipe' });
    }
    const told = JSON.parse(
      execFileSync('/usr/bin/python3', [join(import.meta.dirname, 'fixtures/read-odp.py'), file]).toString(),
    ) as ToldSlide[];
    const ours = await shownIn(page, 'tide-numbers');
    // That reader gives signs of names by their numbers.
    expect(told.map(({ name }) => name.replaceAll('_20_', ' '))).toEqual(ours.map(({ name }) => name));
    ours.forEach(({ shapes }, at) => {
      for (const { words, place, leadsTo } of shapes) {
        const found = told[at]?.shapes.find((shape) => shape.words === words);
        expect([words, found?.place]).toEqual([words, place]);
        if (leadsTo !== null) expect([words, found?.links]).toEqual([words, [`#${leadsTo}`]]);
      }
    });
    expect(ours.flatMap(({ shapes }) => shapes).filter(({ leadsTo }) => leadsTo !== null).length).toBeGreaterThan(1);
    expect(told[0]?.shapes.some(({ words }) => words.includes('So how fast was it?'))).toBe(true);
    expect(told[1]?.cells).toEqual(expect.arrayContaining(['Curlews', '18']));
  } finally {
    rmSync(folder, { recursive: true });
  }
  await importFiles(page, { name: 'tide.odp', mimeType: 'application/zip', buffer: bytes });
  await expect(page.getByLabel(messages.library.deckTitle)).toHaveValue('The tide in numbers');
  await expect(page.getByText('The edge of the water moved').first()).toBeVisible();
});

test('Office Open XML hangs together, and says the same to a reader of others; it comes back', async ({ page }) => {
  await odile(page);
  const bytes = await savedAs(page, 'night-walk', 'pptx');
  const parts = unzipSync(bytes);
  const types = strFromU8(parts['[Content_Types].xml'] ?? new Uint8Array());
  for (const path of Object.keys(parts)) {
    if (!path.endsWith('.rels')) {
      const isTyped =
        types.includes(`PartName="/${path}"`) || types.includes(`Extension="${path.replace(/^.*\./, '')}"`);
      expect([path, isTyped]).toEqual([path, true]);
      continue;
    }
    const relations = strFromU8(parts[path] ?? new Uint8Array());
    for (const [, target = ''] of relations.matchAll(/Target="\/([^"]*)"/g))
      expect([path, target in parts]).toEqual([path, true]);
    const owner = parts[path.replace('_rels/', '').replace(/\.rels$/, '')];
    const named = [...strFromU8(owner ?? new Uint8Array()).matchAll(/r:(?:id|embed|link)="(rId\d+)"/g)].map(
      ([, id]) => id,
    );
    for (const id of named) expect([path, id, relations.includes(`Id="${id ?? ''}"`)]).toEqual([path, id, true]);
  }
  for (const path of Object.keys(parts).filter((each) => /slides\/slide\d+\.xml$/.test(each))) {
    const ids = [...strFromU8(parts[path] ?? new Uint8Array()).matchAll(/<p:cNvPr id="(\d+)"/g)].map(([, id]) => id);
    expect([path, new Set(ids).size]).toEqual([path, ids.length]);
  }
  const told = await parse(new Uint8Array(bytes).buffer);
  expect(told.slides).toHaveLength(13);
  expect(told.size.width / told.size.height).toBeCloseTo(16 / 9, 3);
  const ours = await shownIn(page, 'night-walk');
  const bare = (words: string) => words.replaceAll(/\s/g, '');
  ours.forEach(({ shapes }, at) => {
    const shown = (told.slides[at]?.elements ?? []).map((element) => ({
      words: 'content' in element ? bare(withoutTags(element.content)) : '',
      // It measures in points.
      place: [element.left, element.top, element.width, element.height].map((points) => Math.round((points * 96) / 72)),
    }));
    for (const { words, place } of shapes) {
      const found = shown.find((each) => each.words === bare(words));
      expect([words, found?.place]).toEqual([words, place.map(Math.round)]);
    }
  });
  await importFiles(page, { name: 'walk.pptx', mimeType: 'application/zip', buffer: bytes });
  await expect(page.getByLabel(messages.library.deckTitle)).toHaveValue('Night walk on the saltmarsh');
  await expect(page.getByText('Step onto the boards').first()).toBeVisible();
});

test('Markdown has the choices of a walk as links', async ({ page }) => {
  await odile(page);
  const text = (await savedAs(page, 'night-walk', 'markdown')).toString();
  expect(text).toContain('# The boardwalk splits');
  expect(text).toContain('- [Follow the splash](#the-splash)');
});

test('several files at once become a deck each; what was not understood is told slide by slide, and a locked one in words', async ({
  page,
}) => {
  await newTeacher(page);
  await page.goto('/');
  await page.getByRole('main').getByRole('button', { name: importing.open, exact: true }).click();
  const dialog = page.getByRole('dialog', { name: importing.title });
  const locked = { name: 'old.pptx', mimeType: '', buffer: Buffer.from([0xd0, 0xcf, 0x11, 0xe0, 0, 0]) };
  await page.getByLabel(importing.choose).setInputFiles(locked);
  await expect(dialog).toContainText(importing.presentationFault({ fault: 'locked', name: 'old.pptx' }));
  await expectClean(page);
  const read = (name: string) => ({ name, mimeType: '', buffer: readFileSync(fixture(name)) });
  const song = { name: 'song.mp3', mimeType: 'audio/mpeg', buffer: Buffer.from('ID3') };
  // Those that cannot be read keep nobody from the others.
  await page.getByLabel(importing.choose).setInputFiles([locked, read('tides.pptx'), song, read('shapes.odp')]);
  const left = dialog.getByRole('list', { name: importing.left });
  await expect(left).toContainText(messages.losses.unreadParts['nearest-shapes']);
  await expect(left).toContainText(importing.presentationFault({ fault: 'locked', name: 'old.pptx' }));
  await expect(left).toContainText(importing.unknown({ name: 'song.mp3' }));
  await expectClean(page);
  await dialog.getByRole('button', { name: importing.createDecks({ count: 2 }) }).click();
  await expect(page.getByRole('link', { name: /Tides/ }).first()).toBeVisible();
  await expect(page.getByRole('link', { name: /Shapes/ }).first()).toBeVisible();
});

test('a presentation that is dropped on the editor becomes slides after the present one, with one undo', async ({
  page,
}) => {
  await odile(page);
  await page.goto('/decks/exit-questions');
  const slides = page.getByRole('region', { name: messages.editor.strip }).locator('[data-slide]');
  await expect(slides.first()).toBeVisible();
  const before = await slides.count();
  const bytes = [...readFileSync(fixture('tides.odp'))];
  const carried = await page.evaluateHandle((data) => {
    const transfer = new DataTransfer();
    transfer.items.add(new File([new Uint8Array(data)], 'tides.odp'));
    return transfer;
  }, bytes);
  await page.getByRole('main').first().dispatchEvent('drop', { dataTransfer: carried });
  await expect(slides).toHaveCount(before + 3);
  await page.getByRole('button', { name: messages.common.undo }).first().click();
  await expect(slides).toHaveCount(before);
});

test('an imported slide becomes a question, or a worksheet, with one press', async ({ page }) => {
  await newTeacher(page);
  await page.goto('/');
  await page.getByRole('main').getByRole('button', { name: importing.open, exact: true }).click();
  await page.getByLabel(importing.choose).setInputFiles(fixture('tides.odp'));
  const panel = page.getByRole('complementary').filter({ hasText: messages.editor.thisSlide });
  await panel.getByRole('button', { name: messages.converting.answered }).click();
  await expectClean(page);
  await panel.getByRole('button', { name: messages.converting.asQuestion }).click();
  const canvas = page.getByRole('main').first();
  await expect(canvas.getByText('Low water').first()).toBeVisible();
  await expect(page.getByText(messages.converting.madeQuestion).first()).toBeVisible();
  await page.getByRole('button', { name: messages.common.undo }).first().click();
  await panel.getByRole('button', { name: messages.converting.asWorksheet }).click();
  await expect(page.getByText(messages.converting.madeWorksheet).first()).toBeVisible();
});

test('a deck takes the theme of a presentation', async ({ page }) => {
  await odile(page);
  await page.goto('/decks/exit-questions');
  await page.getByRole('button', { name: new RegExp(`^${messages.editor.theme}: `) }).click();
  const dialog = page.getByRole('dialog', { name: messages.editor.themeTitle });
  await dialog.getByLabel(messages.ownThemes.fromFile).setInputFiles(fixture('tides.pptx'));
  await expect(page.getByText(messages.ownThemes.taken({ name: 'tides' })).first()).toBeVisible();
  await dialog.getByRole('button', { name: messages.common.close }).first().click();
  await expect(page.getByRole('button', { name: `${messages.editor.theme}: tides` })).toBeVisible();
});
