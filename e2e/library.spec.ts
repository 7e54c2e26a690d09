/** The library: kept in order by units, found by words, several decks at once, and empty. */
import * as messages from '@gobrel/messages';
import { expect, type Locator, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { newDeck, newTeacher, saved } from './people';

const says = messages.library;

/** Some decks of a new teacher's, and the library. */
async function withDecks(page: Page, ...titles: string[]): Promise<void> {
  await newTeacher(page);
  for (const title of titles) {
    const made = await page.request.post('/api/decks', { data: { title, opening: messages.slides.opening } });
    expect(made.ok()).toBe(true);
  }
  await page.goto('/');
  await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(titles.length);
}

const unit = (page: Page, name: string) => page.getByRole('region', { name, exact: true });
const part = (page: Page, name: string, count: number) =>
  page.getByRole('navigation', { name: says.shelves }).getByRole('link', { name: `${name} ${count}`, exact: true });
const select = (page: Page, title: string) => page.getByLabel(says.select({ title })).check();

test('decks are put into a unit with keys alone, moved on by dragging, and each step is taken back', async ({
  page,
}) => {
  await withDecks(page, 'At the stall', 'Fraction hop', 'The quiet room');
  await page.getByRole('button', { name: says.newUnit }).press('Enter');
  await page.getByLabel(says.unitName).fill('Market day');
  await page.keyboard.press('Enter');
  await expect(part(page, 'Market day', 0)).toBeVisible();
  await page.getByLabel(says.select({ title: 'At the stall' })).focus();
  await page.keyboard.press('Space');
  await page.getByLabel(says.select({ title: 'Fraction hop' })).focus();
  await page.keyboard.press('Space');
  await expectClean(page);
  await page.getByRole('button', { name: says.moveTo }).press('Enter');
  await expectClean(page);
  await page.getByRole('dialog').getByRole('button', { name: 'Market day' }).press('Enter');
  await expect(unit(page, 'Market day').getByRole('listitem')).toHaveCount(2);
  await expect(unit(page, says.noUnit)).toContainText('The quiet room');
  await expect(page.getByRole('toolbar', { name: says.selection })).toBeHidden();

  await page.getByRole('link', { name: /^The quiet room/ }).dragTo(part(page, 'Market day', 2));
  await expect(part(page, 'Market day', 3)).toBeVisible();
  await page.getByRole('button', { name: messages.common.undo }).last().click();
  await expect(part(page, 'Market day', 2)).toBeVisible();
  await expect(unit(page, says.noUnit)).toContainText('The quiet room');

  await part(page, 'Market day', 2).click();
  await expect(page.getByRole('heading', { name: 'Market day', level: 1 })).toBeVisible();
  await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(2);
  await page.reload();
  await expect(page.getByRole('heading', { name: 'Market day', level: 1 })).toBeVisible();
});

test('a deck is found by its title at once, and by the words on its slides', async ({ page }) => {
  await withDecks(page, 'Pâté and pies', 'The quiet room');
  await newDeck(page, 'How sound travels');
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('A drum skin shivers when it is struck.');
  await page.keyboard.press('Escape');
  await saved(page);
  await page.goto('/');
  const search = page.getByRole('searchbox', { name: says.search });
  const decks = page.getByRole('main').getByRole('listitem');
  await search.fill('pate');
  await expect(decks).toHaveCount(1);
  await expect(decks).toContainText('Pâté and pies');
  await search.fill('SHIVERS drum');
  await expect(decks).toHaveCount(1);
  await expect(decks).toContainText('How sound travels');
  await expect(decks).toContainText('A drum skin shivers when it is struck.');
  await search.fill('zeppelin');
  await expect(page.getByRole('heading', { name: says.notFound({ words: 'zeppelin' }) })).toBeVisible();
  await expectClean(page);
  await page.getByRole('button', { name: says.showAll }).click();
  await expect(decks).toHaveCount(3);
});

test('until the server has answered nobody is told that nothing is found; where it cannot, that is said', async ({
  page,
}) => {
  await withDecks(page, 'The quiet room');
  let answer = () => {};
  const held = new Promise<void>((resolve) => (answer = resolve));
  await page.route('**/api/decks/find?*', async (route) => {
    await held;
    await route.abort();
  });
  await page.getByRole('searchbox', { name: says.search }).fill('shivers');
  const main = page.getByRole('main');
  await expect(main.getByRole('status')).toHaveText(messages.common.loading({ what: says.decks }));
  await expect(page.getByRole('heading', { name: says.notFound({ words: 'shivers' }) })).toBeHidden();
  answer();
  await expect(main.getByRole('alert')).toBeVisible();
  await page.unroute('**/api/decks/find?*');
  await main.getByRole('button', { name: messages.common.tryAgain }).click();
  await expect(page.getByRole('heading', { name: says.notFound({ words: 'shivers' }) })).toBeVisible();
});

test('a list sorted by title stays so; several decks go to the archive and the bin, and come back', async ({
  page,
}) => {
  await withDecks(page, 'Week 10', 'Week 9', 'Apples');
  await page.getByRole('radio', { name: says.views.list }).click();
  await page.getByLabel(says.sort).selectOption({ label: says.sorts.title });
  await page.reload();
  const titles = page.getByRole('rowheader');
  await expect(titles).toHaveText(['Apples', 'Week 9', 'Week 10']);
  await expectClean(page);
  await select(page, 'Week 9');
  await select(page, 'Week 10');
  await page.getByRole('toolbar').getByRole('button', { name: says.toArchive }).click();
  await expect(titles).toHaveText(['Apples']);
  await part(page, says.archive, 2).click();
  await expect(titles).toHaveText(['Week 9', 'Week 10']);
  await select(page, 'Week 9');
  await page.getByRole('button', { name: says.selectAll }).click();
  await page.getByRole('toolbar').getByRole('button', { name: says.delete }).click();
  await expect(page.getByRole('dialog')).toContainText(says.deleteSeveralTitle({ count: 2 }));
  await page.getByRole('dialog').getByRole('button', { name: says.delete, exact: true }).click();
  await part(page, messages.bin.title, 2).click();
  await page.getByRole('button', { name: messages.bin.restoreThis({ title: 'Week 10' }) }).click();
  await expect(part(page, messages.bin.title, 1)).toBeVisible();
  // What was in the archive is there again.
  await part(page, says.archive, 1).click();
  await expect(titles).toHaveText(['Week 10']);
});

test('an empty library offers templates as pictures, a story, and a deck to look around in', async ({ page }) => {
  await newTeacher(page);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: says.empty })).toBeVisible();
  const templates = page.getByRole('main').getByRole('listitem');
  await expect(templates).toHaveCount(6);
  await expect(templates.locator('.gv-backdrop')).toHaveCount(6);
  await expectClean(page);
  // The first slide of the first one shows its drawing in the deck as well.
  await templates.first().getByRole('button').click();
  await expect(page.getByLabel(messages.library.deckTitle)).toHaveValue('Warm-up');
  await page.goto('/');
  await expect(page.getByRole('main').getByRole('listitem')).toHaveCount(1);
  await page.getByRole('button', { name: says.planStory }).click();
  await expect(page.getByRole('radio', { name: messages.order.sees.plan })).toBeChecked();
});

test('at 1280 × 800 two rows of five decks are in sight, with 40 in the library, and none is drawn out of sight', async ({
  page,
}) => {
  await page.setViewportSize({ width: 1280, height: 800 });
  await withDecks(page, ...Array.from({ length: 40 }, (_, at) => `Deck ${at + 1}`));
  const decks = page.getByRole('main').getByRole('listitem');
  const boxes = await decks.evaluateAll((all) => all.map((deck) => deck.getBoundingClientRect()));
  const inSight = boxes.filter(({ bottom }) => bottom <= 800);
  expect(inSight.length).toBeGreaterThanOrEqual(10);
  await expect.poll(() => page.locator('main .gv-slide').count()).toBeGreaterThanOrEqual(inSight.length);
  expect(await page.locator('main .gv-slide').count()).toBeLessThan(40);
});

test('decks come out of files: Markdown at once, what was not understood is said before, pictures a slide each', async ({
  page,
}) => {
  await newTeacher(page);
  await page.goto('/');
  const file = (name: string, text: string, mimeType = 'text/plain') => ({ name, mimeType, buffer: Buffer.from(text) });
  const choose = async (files: Parameters<Locator['setInputFiles']>[0]) => {
    await page.getByRole('main').getByRole('button', { name: says.import.open, exact: true }).click();
    await expectClean(page);
    await page.getByLabel(says.import.choose).setInputFiles(files);
  };
  const slides = page.getByRole('region', { name: messages.editor.strip }).locator('[data-slide]');
  await choose(file('Night walk.md', '# Gate\n- owl\n- [Go in](#hide)\n\n# Hide\nDark.\n'));
  await expect(page.getByLabel(says.deckTitle)).toHaveValue('Night walk');
  await expect(page.getByText('Go in', { exact: true }).first()).toBeVisible();

  await page.goto('/');
  const open = async () => {
    await page.getByRole('button', { name: says.otherSize }).click();
    await page.getByRole('menuitem', { name: says.import.open }).click();
  };
  await open();
  const dialog = page.getByRole('dialog');
  await page.getByLabel(says.import.choose).setInputFiles(file('song.mp3', 'x', 'audio/mpeg'));
  await expect(dialog).toContainText(says.import.unknown({ name: 'song.mp3' }));
  await page.getByLabel(says.import.choose).setInputFiles(file('nothing.md', '\n\n'));
  await expect(dialog).toContainText(says.import.nothing({ name: 'nothing.md' }));
  await page
    .getByLabel(says.import.choose)
    .setInputFiles(file('Shore.md', '# Shore\n\n![owl](https://x.example/owl.png)\n'));
  await expect(dialog).toContainText(says.import.found({ slides: 1, name: 'Shore' }));
  await expect(dialog.getByRole('list', { name: says.import.left })).toContainText('owl.png');
  await expectClean(page);
  await dialog.getByRole('button', { name: says.import.create }).click();
  await expect(page.getByLabel(says.deckTitle)).toHaveValue('Shore');

  await page.goto('/');
  await open();
  const svg = (colour: string) =>
    `<svg xmlns="http://www.w3.org/2000/svg" width="64" height="36"><rect width="64" height="36" fill="${colour}"/></svg>`;
  await page
    .getByLabel(says.import.choose)
    .setInputFiles([file('high.svg', svg('navy'), 'image/svg+xml'), file('low.svg', svg('olive'), 'image/svg+xml')]);
  await expect(page.getByLabel(says.deckTitle)).toHaveValue(says.import.pictures);
  await expect(slides).toHaveCount(2);
});
