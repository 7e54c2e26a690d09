/** axe finds nothing in dialogs that no other test looks into, in either scheme. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { startOf } from './as-said';
import { lessonOf, student } from './handed-out';
import { fromMenu, newClass, newDeck, newTeacher, nothingLoads, odile, ownCopy } from './people';

test.describe.configure({ timeout: 240_000, mode: 'parallel' });

/** Opens a dialog, looks into it, and closes it by its key. */
async function lookInto(page: Page, open: () => Promise<unknown>): Promise<void> {
  await open();
  const dialog = page.getByRole('dialog').or(page.getByRole('alertdialog'));
  await expect(dialog).toBeVisible();
  await nothingLoads(page);
  await expectClean(page);
  await page.keyboard.press('Escape');
  await expect(dialog).toBeHidden();
}

/** What a menu that opens by a button has. */
const entry = (page: Page, menu: string, name: string) => async () => {
  await page.getByRole('button', { name: menu, exact: true }).click();
  await page.getByRole('menuitem', { name, exact: true }).click();
};

test('of the library', async ({ page }) => {
  const says = messages.library;
  await newTeacher(page);
  await newDeck(page, 'Night walk');
  await page.request.post('/api/templates', {
    data: { name: 'Owl', moment: 'practising', does: ['choose'], deck: await deckWithSlide(page) },
  });
  await page.goto('/');
  const actions = says.actions({ title: 'Night walk' });
  for (const name of [says.rename, says.moveTo, says.delete]) await lookInto(page, entry(page, actions, name));
  await lookInto(page, () => page.getByRole('button', { name: says.newUnit }).click());
  await page.request.post('/api/units', { data: { name: 'Market day' } });
  await page.reload();
  for (const name of [says.rename, says.deleteUnit])
    await lookInto(page, entry(page, says.unitActions({ name: 'Market day' }), name));
  await page.getByRole('button', { name: says.fromTemplate }).click();
  const kept = messages.templates.actions({ name: 'Owl' });
  for (const name of [messages.templates.share, messages.templates.remove]) {
    await entry(page, kept, name)();
    await expect(page.getByRole('dialog').or(page.getByRole('alertdialog')).last()).toBeVisible();
    await expectClean(page);
    await page.keyboard.press('Escape');
  }
});

/** What a teacher's first deck is made of, as it is stored. */
async function deckWithSlide(page: Page): Promise<object> {
  const decks = (await (await page.request.get('/api/decks')).json()) as readonly { readonly cover: object }[];
  return decks[0]?.cover ?? {};
}

test('of classes, lessons and the board', async ({ page }) => {
  await newTeacher(page);
  const says = messages.classes;
  const classId = await newClass(page, '6 Tern', ['Amaro Finch', 'Bexley Tarn']);
  await page.goto('/classes');
  await lookInto(page, () => page.getByRole('button', { name: says.newClass }).click());
  for (const name of [says.addStudents, says.cards, says.rename])
    await lookInto(page, entry(page, says.more({ className: '6 Tern' }), name));
  for (const name of [says.nameAndGroup, says.erase])
    await lookInto(page, entry(page, says.moreOf({ name: 'Amaro Finch' }), name));

  await newDeck(page, 'Night walk');
  const decks = (await (await page.request.get('/api/decks')).json()) as readonly { readonly id: string }[];
  const lesson = await lessonOf(page, { deckId: decks[0]?.id, classId });
  await page.goto('/lessons');
  await lookInto(page, () => page.getByRole('button', { name: messages.exchange.resultsFrom }).click());
  await lookInto(page, () => page.getByRole('button', { name: messages.lessons.handOut }).click());
  await page.goto(`/lessons/${lesson.id}`);
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
  await lookInto(page, () => page.getByRole('button', { name: lesson.code.slice(0, 4) }).click());
  for (const name of [messages.leading.correct, messages.lessons.useAgain, messages.board.close])
    await lookInto(page, entry(page, messages.lessons.more, name));
  await page.request.post(`/api/lessons/${lesson.id}/close`);
  await page.reload();
  await lookInto(page, entry(page, messages.lessons.more, messages.lessons.delete));
});

test('of the editor', async ({ page }) => {
  await odile(page);
  const deckId = await ownCopy(page, 'night-walk');
  await page.goto(`/decks/${deckId}?slide=fork`);
  await lookInto(page, () => fromMenu(page, messages.keys.title));
  await lookInto(page, async () => {
    await page.getByRole('region', { name: messages.editor.strip }).getByRole('button', { name: /^2 / }).focus();
    await page.keyboard.press('Delete');
  });
  await page.getByRole('radio', { name: messages.order.sees.map, exact: true }).click();
  await lookInto(page, async () => {
    await page.getByRole('main', { name: messages.routes.map }).getByRole('button', { name: /^2 / }).focus();
    await page.keyboard.press('w');
  });
});

test('of a theme of one’s own, and of what was handed out', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Night walk');
  await page.request.post('/api/themes', { data: { theme: { name: 'By lamp' } } });
  await page.getByRole('button', { name: /^Theme:/ }).click();
  await page.getByRole('tab', { name: messages.ownThemes.mine }).click();
  await page.getByRole('button', { name: startOf(messages.ownThemes.remove) }).click();
  await expect(page.getByText(startOf(messages.ownThemes.removeTitle)).last()).toBeVisible();
  await expectClean(page);
  await page.keyboard.press('Escape');
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: messages.handOut.action }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByRole('button', { name: messages.handOut.action }).click();
  await expect(dialog.getByRole('link', { name: messages.handOut.toLesson })).toBeVisible();
  await expectClean(page);
});

test('of a student’s slides', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'species-cards', workMode: 'slide-each' });
  const work = await student(browser, lesson, 'Dov Kestrel');
  await lookInto(work, () => work.getByRole('button', { name: /^All slides/ }).tap());
  await work.getByRole('button', { name: /^Your species/ }).tap();
  for (const what of ['picture', 'camera', 'sign'] as const) {
    const button = work.getByRole('button', { name: messages.onSlides.adding[what], exact: true });
    await lookInto(work, () => button.tap());
  }
  await lookInto(work, () => work.getByRole('button', { name: messages.student.submit, exact: true }).tap());
  await work.context().close();
});

test('of what classmates did', async ({ page, browser }) => {
  await odile(page);
  const lesson = await lessonOf(page, { deckId: 'exit-questions', terms: { others: 'submitted' } });
  const work = await student(browser, lesson, 'Dov Kestrel');
  await work.getByRole('button', { name: messages.student.submit, exact: true }).tap();
  await work.getByRole('dialog').getByRole('button', { name: messages.student.submit, exact: true }).tap();
  await lookInto(work, () => work.getByRole('button', { name: messages.student.others }).tap());
  await work.context().close();
});
