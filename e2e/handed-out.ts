/** Lessons as the tests hand them out, and students' devices in them. */
import * as messages from '@gobrel/messages';
import { type Browser, expect, type Page } from '@playwright/test';
import { startOf } from './as-said';
import { tablet, typePin } from './people';

/** A lesson that was handed out. */
export interface Lesson {
  readonly id: string;
  readonly code: string;
}

/** A new lesson of the teacher who is signed in on `page`. */
export async function lessonOf(page: Page, order: object): Promise<Lesson> {
  const usual = { classId: '6-heron', workMode: 'copy-each', pace: 'own-pace' };
  const made = await page.request.post('/api/lessons', { data: { ...usual, ...order } });
  expect(made.ok()).toBe(true);
  return (await made.json()) as Lesson;
}

/** A student's device, in the lesson. */
export async function student(browser: Browser, lesson: Lesson, name: string, options: object = {}): Promise<Page> {
  const page = await (await tablet(browser, options)).newPage();
  await page.goto(`/join/${lesson.code}`);
  await page.getByRole('button', { name }).click();
  await expect(page.getByLabel(/PIN/)).toBeVisible();
  await typePin(page, '2468');
  await expect(page.getByRole('button', { name: startOf(messages.student.leave) })).toBeVisible();
  return page;
}

/** A student's row on the board. */
export const row = (page: Page, name: string) => page.getByRole('row', { name: new RegExp(`^${name}`) });
