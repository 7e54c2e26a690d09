/** Decks on paper and as pictures, by what other programs read of them. */
import { execFileSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import * as messages from '@gobrel/messages';
import { expect, type Locator, type Page, test } from '@playwright/test';
import { unzipSync } from 'fflate';
import sharp from 'sharp';
import { expectClean } from './expect-clean';
import { newDeck, newTeacher, odile } from './people';

const says = messages.paper;
type Kind = Parameters<typeof says.kinds>[0]['kind'];

/** Opens a dialog of what is done now and then with a deck. */
async function dialogOf(page: Page, deckId: string, action: string): Promise<Locator> {
  await page.goto(`/decks/${deckId}`);
  await page.getByRole('button', { name: messages.editor.moreActions }).click();
  await page.getByRole('menuitem', { name: action }).click();
  const dialog = page.getByRole('dialog', { name: action });
  await expect(dialog).toBeVisible();
  return dialog;
}

async function savedBy(page: Page, dialog: Locator, action: string): Promise<{ path: string; name: string }> {
  const download = page.waitForEvent('download');
  await dialog.getByRole('button', { name: action }).click();
  const saved = await download;
  return { path: await saved.path(), name: saved.suggestedFilename() };
}

async function pdfOf(
  page: Page,
  deckId: string,
  kind: Kind,
  more: (dialog: Locator) => Promise<void> = async () => {},
) {
  const dialog = await dialogOf(page, deckId, says.action);
  const name = `${says.kinds({ kind })} ${says.hints({ kind })}`;
  await dialog.getByRole('radio', { name, exact: true }).check();
  await more(dialog);
  return (await savedBy(page, dialog, says.save)).path;
}

const asked = (program: string, ...args: string[]) =>
  execFileSync(program, args, { encoding: 'utf8', maxBuffer: 1 << 27 });

/** Pages of a PDF as PNG files, a dot for each pixel of a slide; nothing may be said against it. */
function drawn(path: string): readonly string[] {
  const folder = mkdtempSync(join(tmpdir(), 'pages-'));
  expect(asked('pdftocairo', '-png', '-r', '96', path, join(folder, 'page'))).toBe('');
  return readdirSync(folder).map((name) => join(folder, name));
}

/** The share of dots of two pictures that differ by more than the edges of letters do. */
async function difference(one: Buffer | string, other: Buffer | string): Promise<number> {
  const [a, b] = await Promise.all(
    [one, other].map((each) => sharp(each).removeAlpha().resize(1280, 720, { fit: 'fill' }).raw().toBuffer()),
  );
  let differing = 0;
  for (let at = 0; a && b && at < a.length; at += 3) {
    const by = Math.max(...[0, 1, 2].map((part) => Math.abs((a[at + part] ?? 0) - (b[at + part] ?? 0))));
    if (by > 48) differing += 1;
  }
  return differing / (1280 * 720);
}

/** A slide as the show draws it, 1280 pixels wide. @param late what of it comes after the rest */
async function shown(page: Page, deckId: string, slideId: string, late = '.gv-slide'): Promise<Buffer> {
  await page.setViewportSize({ width: 1280, height: 772 });
  await page.emulateMedia({ reducedMotion: 'reduce' });
  await page.goto(`/decks/${deckId}/show/${slideId}`);
  await expect(page.locator(late).first()).toBeVisible();
  await page.evaluate(async () => {
    await document.fonts.ready;
    await Promise.all([...document.images].map((image) => image.decode().catch(() => undefined)));
  });
  return page.locator('.gv-slide').first().screenshot();
}

test('the night walk as PDF: sound, its words in order, its links, its sections, and as it is on the screen', async ({
  page,
}) => {
  await odile(page);
  const dialog = await dialogOf(page, 'night-walk', says.action);
  await expectClean(page);
  const { path, name } = await savedBy(page, dialog, says.save);
  expect(name).toBe('Night walk on the saltmarsh.pdf');
  expect(asked('qpdf', '--check', path)).toContain('No syntax or stream encoding errors');

  const words = asked('pdftotext', '-f', '2', '-l', '2', path, '-').replaceAll(/\s+/g, ' ');
  expect(words).toMatch(/The boardwalk splits.*Something splashes on the left\..*Follow the splash.*Climb to the hide/);
  const about = asked('pdfinfo', path);
  expect(about).toMatch(/Tagged: +yes/);
  expect(about).toMatch(/Pages: +13/);
  const structure = asked('pdfinfo', '-struct-text', path);
  expect(structure).toMatch(/Sect "1 Dusk at the gate"\s+H1[^"]*"Dusk at the gate/);
  const plain = execFileSync('qpdf', ['--qdf', '--object-streams=disable', path, '-'], { maxBuffer: 1 << 27 }).toString(
    'latin1',
  );
  for (const slideId of ['fork', 'splash', 'hide']) expect(plain).toContain(`/D (${slideId})`);
  expect(plain).toContain('/Title (Into the marsh)');

  const pages = drawn(path);
  const order = ['gate', 'fork', 'splash', 'trail', 'hide', 'lantern', 'otter'];
  for (const slideId of ['gate', 'fork', 'hide', 'lantern', 'otter'])
    expect(
      await difference(await shown(page, 'night-walk', slideId), pages[order.indexOf(slideId)] ?? ''),
    ).toBeLessThan(0.015);
});

test('formulas, charts, ink and codes are on paper as on the screen, the words of a chart as words', async ({
  page,
}) => {
  await odile(page);
  const path = await pdfOf(page, 'tide-numbers', 'slides');
  expect(asked('qpdf', '--check', path)).toContain('No syntax');
  const words = asked('pdftotext', '-f', '2', '-l', '2', path, '-').replaceAll(/\s+/g, ' ');
  for (const told of ['Birds on the flats, by the hour', '6 o’clock', '64', 'Dunlins']) expect(words).toContain(told);
  const pages = drawn(path);
  const slides = [
    // Whoever answers on a screen has a circle before each choice: more of it differs than on other slides.
    ['numbers-speed', '.gv-formula', 0.03],
    ['numbers-counts', '.recharts-bar-rectangle', 0.015],
    ['numbers-web', '[data-code]', 0.015],
  ] as const;
  for (const [at, [slideId, late, most]] of slides.entries()) {
    const far = await difference(await shown(page, 'tide-numbers', slideId, late), pages[at] ?? '');
    expect([slideId, far < most, far]).toEqual([slideId, true, far]);
  }
});

test('several slides a page, notes, and the map', async ({ page }) => {
  await odile(page);
  const several = await pdfOf(page, 'night-walk', 'handout', (dialog) =>
    dialog.getByRole('radio', { name: '6', exact: true }).click(),
  );
  expect(asked('pdfinfo', several)).toMatch(/Pages: +3/);
  const notes = await pdfOf(page, 'night-walk', 'notes');
  expect(asked('pdftotext', '-f', '1', '-l', '1', notes, '-')).toContain('Read the first lines aloud, lights off.');
  const map = await pdfOf(page, 'night-walk', 'map');
  expect(asked('pdfinfo', map)).toMatch(/Pages: +1\s/);
  expect(asked('pdftotext', map, '-')).toContain('The boardwalk splits');
  for (const path of [several, notes, map]) expect(asked('qpdf', '--check', path)).toContain('No syntax');
});

test('worksheets: one a student with the name, pieces to cut out, the key at the end', async ({ page }) => {
  await odile(page);
  const path = await pdfOf(page, 'shore-zones', 'worksheets', async (dialog) => {
    await dialog.getByLabel(says.withKey).check();
    await dialog.getByLabel(says.forClass).selectOption({ index: 1 });
  });
  const text = asked('pdftotext', path, '-');
  expect(text).toContain('Yuki Thorne');
  const cut = says.cutOut({ slide: says.slide({ place: 3, name: 'Shore zones' }) });
  const students = text.split(cut).length - 1;
  expect(students).toBeGreaterThan(20);
  expect(text.split(says.keyOf({ slide: says.slide({ place: 3, name: 'Shore zones' }) }))).toHaveLength(2);
  // Nobody finds an answer on a sheet before the key.
  expect(text.slice(0, text.indexOf(says.keyOf({ slide: says.slide({ place: 2, name: 'Tides' }) })))).not.toMatch(
    /\bmoon\b/,
  );
});

test('a deck that asks nothing has no worksheets, and says so', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Only words');
  await page.getByRole('button', { name: messages.editor.moreActions }).click();
  await page.getByRole('menuitem', { name: says.action }).click();
  const dialog = page.getByRole('dialog', { name: says.title });
  await dialog.getByRole('radio', { name: new RegExp(says.kinds({ kind: 'worksheets' })) }).check();
  await expect(dialog.getByText(says.nothingToFillIn)).toBeVisible();
  await expect(dialog.getByRole('button', { name: says.save })).toBeDisabled();
});

test('slides as pictures: PNG of a width in a zip, SVG with its words as words', async ({ page }) => {
  await odile(page);
  const pictures = messages.pictures;
  const dialog = await dialogOf(page, 'night-walk', pictures.action);
  await expectClean(page);
  await dialog.getByLabel(pictures.width).selectOption('1280');
  const zip = await savedBy(page, dialog, pictures.save({ count: 13 }));
  const files = unzipSync(readFileSync(zip.path));
  expect(Object.keys(files)).toHaveLength(13);
  const first = Buffer.from(files['01 Dusk at the gate.png'] ?? []);
  expect(await sharp(first).metadata()).toMatchObject({ width: 1280, height: 720 });
  expect(await difference(await shown(page, 'night-walk', 'gate'), first)).toBeLessThan(0.015);

  await page.setViewportSize({ width: 1280, height: 800 });
  const again = await dialogOf(page, 'night-walk', pictures.action);
  await again.getByRole('radio', { name: 'Dusk at the gate' }).click();
  await again.getByRole('radio', { name: 'SVG' }).click();
  const svg = await savedBy(page, again, pictures.save({ count: 1 }));
  expect(svg.name).toBe('Dusk at the gate.svg');
  const drawing = readFileSync(svg.path, 'utf8');
  expect(drawing).toContain('The warden gives you a lantern and a warning:');
  expect(drawing).not.toMatch(/(?:href|src)="?(?:https?:)?\//);
});

test('who wants no motion reads the same letters: those that are fitted to their boxes too', async ({ page }) => {
  await odile(page);
  const sizes = async (reducedMotion: 'reduce' | 'no-preference') => {
    await page.emulateMedia({ reducedMotion });
    await page.goto('/decks/shore-zones/show/tides');
    const words = page.getByText('Twice a day the water is high').first();
    await expect(words).toBeVisible();
    return words.evaluate((element) => getComputedStyle(element).fontSize);
  };
  expect(await sizes('reduce')).toBe(await sizes('no-preference'));
});
