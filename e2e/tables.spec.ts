/** Tables: typed in from cell to cell, changed by keys and by pointer, pasted, and turned into zones and pieces. */
import * as messages from '@gobrel/messages';
import { expect, type Locator, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { dragBy, item, newDeck, newTeacher, placeTable, saved } from './people';
import { startOf } from './as-said';

const SHORE = ['Animal', 'eats', 'eaten by', 'Limpet', 'algae', 'crabs', 'Whelk', 'limpets', 'crabs'];

/** Types in one cell after the other, beginning where one is. */
async function typeCells(page: Page, cells: readonly string[]): Promise<void> {
  for (const [at, words] of cells.entries()) {
    if (at > 0) await page.keyboard.press('Tab');
    await expect(page.getByLabel(/^Editing text: Table/)).toBeFocused();
    await page.keyboard.type(words);
  }
}

/** A table with three rows about the shore, selected. */
async function shoreTable(page: Page): Promise<Locator> {
  await placeTable(page);
  await typeCells(page, SHORE);
  await page.keyboard.press('Escape');
  return item(page, /^Table/);
}

/** What stands in the cells of a table, row by row. */
const cellsOf = (table: Locator) => table.locator('.gv-cell').allTextContents();

test('a table is made, typed in, changed and turned into zones by keys alone', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Who eats whom');
  await page.getByRole('button', { name: messages.kinds.table, exact: true }).focus();
  await page.keyboard.press('Enter');
  await page.getByRole('button', { name: messages.tables.size({ rows: 3, columns: 3 }) }).press('Enter');
  await typeCells(page, [...SHORE, 'Mussel']);
  await expect(page.getByLabel(messages.editor.textOf({ label: 'Table, “Animal”, row 4, column 1' }))).toBeFocused();
  await page.keyboard.press('Shift+Tab');
  await expect(page.getByLabel(messages.editor.textOf({ label: 'Table, “Animal”, row 3, column 3' }))).toBeFocused();
  await page.keyboard.press('Escape');
  const table = item(page, /^Table/);
  await expect(table).toBeFocused();
  await page.keyboard.press('Enter');
  await expect(page.getByLabel(/row 3, column 3/)).toBeFocused();
  await page.keyboard.press('Escape');

  await page.getByRole('button', { name: messages.tables.move.row.before }).press('Enter');
  await expect
    .poll(() => cellsOf(table))
    .toEqual([...SHORE.slice(0, 3), ...SHORE.slice(6), ...SHORE.slice(3, 6), 'Mussel', '', '']);
  await page.getByRole('button', { name: messages.tables.add.column.after, exact: true }).press('Enter');
  await expect(table.locator('.gv-cell')).toHaveCount(16);
  await page.keyboard.press('Control+z');
  await expect(table.locator('.gv-cell')).toHaveCount(12);
  const border = page.getByRole('separator', { name: messages.tables.border.column({ at: 1 }) });
  const before = Number(await border.getAttribute('aria-valuenow'));
  await border.press('ArrowRight');
  await border.press('Shift+ArrowLeft');
  await expect(border).toHaveAttribute('aria-valuenow', String(before + 7));
  await page.getByRole('radio', { name: messages.tables.headingsAre.both, exact: true }).press(' ');
  await expectClean(page);

  await page.getByRole('radio', { name: messages.tables.turns.all }).press(' ');
  await page.getByRole('button', { name: messages.tables.make({ count: 6 }) }).press('Enter');
  await expect(item(page, 'Zone, “Limpet, eats”')).toBeVisible();
  await expect(item(page, 'Shape, “crabs”, a piece')).toHaveCount(1);
  await page.getByRole('button', { name: messages.questions.tryHere }).press('Enter');
  await expect(page.getByRole('rowheader', { name: 'Mussel' })).toBeVisible();
  await page.getByRole('button', { name: /^algae/ }).press('Enter');
  // Zones follow each other in the order in which they stand in the table.
  await page.keyboard.press('ArrowRight');
  await expect(page.getByText(messages.pieces.over({ zone: 'Whelk, eaten by' }), { exact: true })).toBeAttached();
  await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
  await expect(page.getByRole('group', { name: /^Limpet, eats.*1 piece/ })).toBeAttached();
});

test('a cell is pressed, a border dragged, a row grows with its words, and all of it is taken back', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Shore');
  const table = await shoreTable(page);
  await table.getByText('limpets', { exact: true }).click();
  await expect(page.getByText(messages.tables.at({ row: 3, column: 2 }))).toBeVisible();
  await page.getByRole('button', { name: messages.tables.remove.row }).click();
  await expect.poll(() => cellsOf(table)).toEqual(SHORE.slice(0, 6));
  await page.keyboard.press('Control+z');
  await expect(table.locator('.gv-cell')).toHaveCount(9);

  const cell = table.locator('.gv-cell').first();
  const width = async () => (await cell.boundingBox())?.width ?? 0;
  const before = await width();
  const border = page.getByRole('separator', { name: messages.tables.border.column({ at: 1 }) });
  await dragBy(page, border, 40, 0, ['Escape']);
  expect(await width()).toBe(before);
  await dragBy(page, border, 40, 0);
  await expect.poll(width).toBeCloseTo(before + 40, -1);

  await table.getByText('algae', { exact: true }).dblclick();
  const height = async () => (await table.boundingBox())?.height ?? 0;
  const low = await height();
  for (let line = 0; line < 4; line += 1) await page.keyboard.press('Enter');
  await expect.poll(height).toBeGreaterThan(low + 30);
  // Whoever types in a table goes on typing in the cell that is pressed.
  await table.getByText('Whelk', { exact: true }).click();
  await expect(page.getByLabel(/row 3, column 1/)).toBeFocused();
  // Without its cell nobody types any more; a letter is a key again, which is undone like everything else.
  await page.getByRole('button', { name: messages.tables.remove.row }).click();
  await expect(table.locator('.gv-cell')).toHaveCount(6);
  await expect(page.getByLabel(startOf(messages.editor.textOf))).toHaveCount(0);
  await page.keyboard.press('Control+z');
  await expect(table.locator('.gv-cell')).toHaveCount(9);
});

test('cells are pasted from a spreadsheet, and two authors type in one table at once', async ({ page, browser }) => {
  await newTeacher(page);
  await newDeck(page, 'Counts');
  await page.evaluate(() => {
    const clipboardData = new DataTransfer();
    clipboardData.setData('text/plain', 'Day\tCrabs\nMonday\t12\nTuesday\t"7, or 8"\n');
    document.body.dispatchEvent(new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }));
  });
  const table = item(page, /^Table/);
  await expect.poll(() => cellsOf(table)).toEqual(['Day', 'Crabs', 'Monday', '12', 'Tuesday', '7, or 8']);
  await saved(page);
  const other = await (await browser.newContext({ storageState: await page.context().storageState() })).newPage();
  await other.goto(page.url());
  const theirs = item(other, /^Table/);
  await theirs.getByText('Tuesday').dblclick();
  await table.getByText('Monday').dblclick();
  await other.keyboard.type(' noon');
  await page.keyboard.type(' early');
  await page.keyboard.press('Tab');
  await other.keyboard.press('Escape');
  for (const each of [table, theirs])
    await expect.poll(async () => (await cellsOf(each)).join(', ')).toMatch(/Monday early.*Tuesday noon/);
});
