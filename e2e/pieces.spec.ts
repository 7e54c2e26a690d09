/** Loose pieces: piles, groups, zones that take some, all of it by keys and by finger. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { atSlide, dragBy, item, middleOf, newDeck, newTeacher, placeTable, saved } from './people';
import { asSaid } from './as-said';

const DECK = 'night-watch';

/** Picks a piece up, moves it over so many zones and puts it down, all by keys. */
async function putByKeys(page: Page, piece: string, zones: number): Promise<void> {
  await page.getByRole('button', { name: new RegExp(`^${piece}`) }).focus();
  await page.keyboard.press('Enter');
  for (let count = 0; count < zones; count += 1) await page.keyboard.press('ArrowRight');
  await page.keyboard.press('Enter');
}

test('a worksheet is completed and checked by keys alone', async ({ browser, page }) => {
  const student = await atSlide(browser, page, [DECK, 6]);
  for (const piece of ['at the gate', 'the splash', 'the owl', 'home again']) await putByKeys(student, piece, 0);
  await putByKeys(student, 'gull', 1);
  await expect(student.getByText(asSaid(messages.pieces.notTaken, { name: 'gull' }))).toBeAttached();
  await putByKeys(student, 'barn owl', 1);
  await putByKeys(student, 'moth', 1);
  await expect(student.getByRole('group', { name: /Only quiet animals.*2 of 2 pieces/ })).toBeAttached();
  await student.getByRole('button', { name: messages.telling.check }).focus();
  await student.keyboard.press('Enter');
  await expect(student.getByText('4 of 4 in their order.')).toBeVisible();
  await expect(student.getByText('2 of 2 that belong here.')).toBeVisible();
});

test('Escape takes a piece back to where it lay while it is dragged', async ({ browser, page }) => {
  const student = await atSlide(browser, page, [DECK, 6]);
  const piece = student.getByRole('button', { name: /^moth/ });
  const from = await middleOf(piece);
  await dragBy(student, piece, 50, -90, ['Escape']);
  const back = await middleOf(piece);
  expect(back.x).toBeCloseTo(from.x, 0);
  expect(back.y).toBeCloseTo(from.y, 0);
  await expect(piece).toHaveAccessibleName(/not in a zone/);
  await dragBy(student, piece, 30, -20);
  await expect.poll(async () => (await middleOf(piece)).x).toBeGreaterThan(from.x + 20);
});

test('a pile gives out copies under a finger, they turn, stay in their region, and go back one by one', async ({
  browser,
  page,
}) => {
  const student = await atSlide(browser, page, [DECK, 7]);
  const pile = student.getByRole('button', { name: /^pile of post/ });
  await expect(pile).toHaveAccessibleName('pile of post, 6 left');
  await dragBy(student, pile, 60, -200);
  await expect(pile).toHaveAccessibleName('pile of post, 5 left');
  await dragBy(student, pile, 200, -200);
  const posts = student.getByRole('button', { name: /^post, not in a zone/ });
  await expect(posts).toHaveCount(2);
  const ground = await middleOf(student.getByRole('button', { name: messages.pieces.pile({ name: 'plank' }) }));
  await posts.first().focus();
  await student.keyboard.press(']');
  await expect(student.getByText(messages.pieces.turned({ degrees: 15 }))).toBeAttached();
  await dragBy(student, posts.first(), 0, 900);
  expect((await middleOf(posts.first())).y).toBeLessThan(ground.y);
  await student.getByRole('button', { name: messages.student.putSomeBack }).tap();
  await student.getByRole('menuitem', { name: 'post' }).first().tap();
  await expect(posts).toHaveCount(1);
  await student.getByRole('button', { name: messages.student.putBack }).tap();
  await expect(pile).toHaveAccessibleName('pile of post, 6 left');
});

test('an author makes pieces of a list, sorts them by doing it, and keeps that as the key', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Sorting');
  await page.getByRole('button', { name: messages.questions.fromWords }).click();
  await page.getByLabel(messages.questions.fromWordsLabel).fill('eel\n\n crab \nowl');
  await page.getByRole('button', { name: messages.questions.makePieces({ count: 3 }) }).click();
  await expect(item(page, 'Shape, “crab”, a piece')).toBeVisible();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.kinds.zone, exact: true }).click();
  await page.getByLabel(messages.questions.starts.label.name).fill('Water');
  await page.getByRole('button', { name: messages.questions.tryHere }).click();
  for (const piece of ['eel', 'crab']) {
    const from = await middleOf(page.getByRole('button', { name: new RegExp(`^${piece}`) }));
    const to = await middleOf(page.getByRole('group', { name: /^Water/ }));
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(to.x, to.y, { steps: 6 });
    await page.mouse.up();
  }
  await expect(page.getByRole('group', { name: messages.pieces.zone({ zone: 'Water', count: 2 }) })).toBeAttached();
  await page.getByRole('button', { name: messages.questions.keep }).click();
  await expect(page.getByText(messages.questions.kept, { exact: true })).toBeVisible();
  await page.getByRole('button', { name: messages.questions.endTry }).click();
  await item(page, 'Zone, “Water”').click();
  await expect(page.getByRole('checkbox', { name: 'eel' })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'crab' })).toBeChecked();
  await expect(page.getByRole('checkbox', { name: 'owl' })).not.toBeChecked();
  await expect(page.getByText(messages.rules.pieces({ points: 1 }))).toBeVisible();
  await page.keyboard.press('Control+z');
  await expect(page.getByRole('checkbox', { name: 'eel' })).not.toBeChecked();
});

test('several items become one piece as a group, and a zone a grid of zones', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Boats');
  for (let count = 0; count < 2; count += 1)
    await page.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await page.keyboard.press('Control+a');
  await page.keyboard.press('g');
  await page.getByRole('button', { name: messages.questions.looseMany }).click();
  await expect(page.getByRole('radiogroup', { name: messages.questions.piece.pile })).toBeVisible();
  await page.getByRole('radio', { name: messages.questions.piece.endless }).click();
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.kinds.zone, exact: true }).click();
  await page.getByRole('button', { name: messages.questions.zone.make }).click();
  await expect(item(page, /^Zone/)).toHaveCount(6);
  await saved(page);
});

test('a line is a piece too, thin as it is, and so is a table', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Arrows');
  await page.getByRole('button', { name: messages.lines.title, exact: true }).click();
  await page.getByRole('dialog').getByRole('button', { name: messages.lines.presets.arrow, exact: true }).click();
  await page.getByRole('radio', { name: messages.editor.aPiece }).click();
  await page.keyboard.press('Escape');
  await placeTable(page);
  await page.keyboard.type('Tide');
  await page.keyboard.press('Escape');
  for (let step = 0; step < 20; step += 1) await page.keyboard.press('ArrowDown');
  await page.getByRole('radio', { name: messages.editor.aPiece }).click();
  await page.getByRole('button', { name: messages.questions.tryHere }).click();
  for (const piece of [page.getByRole('button', { name: /^piece/ }), page.getByRole('button', { name: /^Tide/ })]) {
    const before = await middleOf(piece);
    // Taken beside the line itself: there is room for a finger.
    await page.mouse.move(before.x + 20, before.y + 10);
    await page.mouse.down();
    await page.mouse.move(before.x + 20, before.y - 60, { steps: 5 });
    await page.mouse.up();
    await expect.poll(async () => (await middleOf(piece)).y).toBeCloseTo(before.y - 70, -1);
  }
});
