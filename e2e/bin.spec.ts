/** The bin: lessons and classes come back whole, every window says what was deleted, and what goes for good is asked first. */
import { readableCode } from '@gobrel/contract/join-code';
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { join, newClass, newDeck, newTeacher, tablet } from './people';

test('a lesson that is deleted says so on every screen, and everybody goes on once it is restored', async ({
  page,
  browser,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Tides');
  const deckId = page.url().split('/').at(-1);
  const classId = await newClass(page, '6 Dunlin', ['Ada']);
  const order = { deckId, classId, workMode: 'copy-each', pace: 'own-pace' };
  const handedOut = await page.request.post('/api/lessons', { data: order });
  const lesson = (await handedOut.json()) as { id: string; code: string };
  const student = await (await tablet(browser)).newPage();
  await join(student, readableCode(lesson.code), 'Ada', '1357');
  await page.goto(`/lessons/${lesson.id}`);
  const screen = await page.context().newPage();
  await screen.goto(`/lessons/${lesson.id}/screen`);
  await expect(screen.getByText(readableCode(lesson.code)).first()).toBeVisible();
  const other = await page.context().newPage();
  await other.goto('/lessons');
  await expect(other.getByRole('link', { name: /Tides/ })).toBeVisible();

  await page.getByRole('button', { name: messages.lessons.more }).click();
  await page.getByRole('menuitem', { name: messages.lessons.delete }).click();
  await expect(page.getByRole('dialog')).toContainText(messages.lessons.deleteText({ days: 30 }));
  await expectClean(page);
  await page.getByRole('dialog').getByRole('button', { name: messages.lessons.delete }).click();
  await expect(page.getByText(messages.bin.deleted({ title: 'Tides' })).first()).toBeVisible();
  await expect(page.getByRole('heading', { name: messages.lessons.title, level: 1 })).toBeVisible();
  await expect(student.getByRole('alert')).toContainText(messages.problems['lesson-deleted-by-teacher']);
  await expectClean(student);
  await expect(screen.getByRole('alert')).toContainText(messages.problems['lesson-deleted']);
  await expect(other.getByText(messages.lessons.empty)).toBeVisible();

  await other.getByRole('link', { name: messages.bin.link({ count: 1 }) }).click();
  await expect(other.getByRole('heading', { name: messages.bin.kinds.lessons, exact: true })).toBeVisible();
  await expectClean(other);
  await screen.getByRole('button', { name: messages.bin.restore }).click();
  await expect(screen.getByText(readableCode(lesson.code)).first()).toBeVisible();
  await student.getByRole('button', { name: messages.common.tryAgain }).click();
  await expect(student.getByRole('button', { name: messages.walking.back, exact: true })).toBeVisible();
});

test('a class is deleted with its lessons, undone at once, and emptied from the bin when it is meant', async ({
  page,
}) => {
  await newTeacher(page);
  const classId = await newClass(page, '6 Dunlin', ['Ada', 'Bo']);
  const book = await page.context().newPage();
  await book.goto(`/classes/${classId}/gradebook`);
  await expect(book.getByRole('heading', { level: 1 })).toContainText('6 Dunlin');
  await page.goto('/classes');
  const remove = async () => {
    await page.getByRole('button', { name: messages.classes.more({ className: '6 Dunlin' }) }).click();
    await page.getByRole('menuitem', { name: messages.classes.delete }).click();
    await expect(page.getByRole('dialog')).toContainText(messages.classes.deleteText({ students: 2, days: 30 }));
    await page.getByRole('dialog').getByRole('button', { name: messages.classes.delete }).click();
  };
  await remove();
  await expect(page.getByText(messages.classes.empty)).toBeVisible();
  await expect(book.getByRole('alert')).toContainText(messages.problems['class-deleted']);
  await page.getByRole('button', { name: messages.common.undo }).click();
  await expect(page.getByRole('heading', { name: /6 Dunlin/ })).toBeVisible();
  await book.reload();
  await expect(book.getByRole('heading', { level: 1 })).toContainText('6 Dunlin');
  await remove();
  await page.getByRole('link', { name: messages.bin.link({ count: 1 }) }).click();
  await expect(page.getByRole('main')).toContainText('6 Dunlin');
  await page.getByRole('button', { name: messages.bin.emptyBin }).click();
  await expect(page.getByRole('dialog', { name: messages.bin.emptyTitle({ count: 1 }) })).toBeVisible();
  await expectClean(page);
  await page.getByRole('dialog').getByRole('button', { name: messages.bin.emptyBin }).click();
  await expect(page.getByText(messages.bin.empty, { exact: true })).toBeVisible();
  expect((await page.request.get(`/api/classes/${classId}/gradebook`)).status()).toBe(404);
});
