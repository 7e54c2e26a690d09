/** Class lists from a school's system: the class is chosen, its students come with it. */
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { readFileSync } from 'node:fs';
import { expectClean } from './expect-clean';
import { newTeacher, odile } from './people';

const tables = {
  'manifest.csv': 'propertyName,value\nmanifest.version,1.0\noneroster.version,1.2\n',
  'users.csv':
    'sourcedId,status,dateLastModified,enabledUser,username,givenName,familyName\nu1,,,true,amaro,Amaro,Finch\nu2,,,true,cosima,Cosima,Rudd\nu3,,,true,odile,Odile,Farrow\n',
  'classes.csv': 'sourcedId,status,dateLastModified,title\nc1,,,6 Heron\nc2,,,7 Rail\n',
  'enrollments.csv':
    'sourcedId,status,classSourcedId,schoolSourcedId,userSourcedId,role\ne1,,c1,s,u1,student\ne2,,c2,s,u1,student\ne3,,c2,s,u2,student\ne4,,c2,s,u3,teacher\n',
};
const zip = (files: Readonly<Record<string, string>>) => ({
  name: 'school.zip',
  mimeType: 'application/zip',
  buffer: Buffer.from(zipSync(Object.fromEntries(Object.entries(files).map(([path, text]) => [path, strToU8(text)])))),
});

test('a OneRoster file gives its classes to choose from, with their names and students; another zip is told in words', async ({
  page,
}) => {
  await newTeacher(page);
  await page.goto('/classes');
  await page.getByRole('button', { name: messages.classes.newClass }).first().click();
  const file = page.getByLabel(messages.classes.fromFile);
  await file.setInputFiles(zip({ 'notes.csv': 'a,b\n' }));
  await expect(page.getByText(messages.classList.rosterFaults['no-roster']).first()).toBeVisible();
  await file.setInputFiles(zip(tables));
  await expect(page.getByLabel(messages.classes.name)).toHaveValue('6 Heron');
  await page.getByLabel(messages.classList.rosterClass).selectOption({ index: 1 });
  await expect(page.getByLabel(messages.classes.name)).toHaveValue('7 Rail');
  await expect(page.getByRole('list', { name: messages.classList.lines })).toContainText('Cosima Rudd');
  await expectClean(page);
  await page.getByRole('button', { name: messages.common.keep }).click();
  await expect(page.getByRole('heading', { name: '7 Rail' })).toBeVisible();
  await expect(page.getByText('Amaro Finch').first()).toBeVisible();
  await expect(page.getByText('Odile Farrow')).toHaveCount(0);
});

test('results of a class from the school’s system go back there, and a later list adds only who is new', async ({
  page,
}) => {
  await newTeacher(page);
  await page.goto('/classes');
  await page.getByRole('button', { name: messages.classes.newClass }).first().click();
  await page.getByLabel(messages.classes.fromFile).setInputFiles(zip(tables));
  await page.getByRole('button', { name: messages.common.keep }).click();
  await expect(page.getByRole('heading', { name: '6 Heron' })).toBeVisible();

  await page.getByRole('button', { name: messages.classes.more({ className: '6 Heron' }) }).click();
  await page.getByRole('menuitem', { name: messages.classes.addStudents }).click();
  const enrolled = `${tables['enrollments.csv']}e5,,c1,s,u2,student\n`;
  await page.getByLabel(messages.classes.fromFile).setInputFiles(zip({ ...tables, 'enrollments.csv': enrolled }));
  await page.getByRole('button', { name: messages.common.keep }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
  await expect(page.getByText('Cosima Rudd')).toBeVisible();
  await expect(page.getByText('Amaro Finch')).toHaveCount(1);
});

test('a gradebook goes out as OneRoster results, with the ids that the school’s system gave', async ({ page }) => {
  await odile(page);
  await page.goto('/classes/6-heron/gradebook');
  const saved = page.waitForEvent('download');
  await page.getByRole('button', { name: messages.gradebook.saveResults }).click();
  const file = await saved;
  const parts = unzipSync(readFileSync(await file.path()));
  const rows = (name: string) =>
    strFromU8(parts[name] ?? new Uint8Array())
      .trim()
      .split(/\r?\n/);
  expect(rows('lineItems.csv').length).toBeGreaterThan(1);
  expect(rows('lineItems.csv')[1]).toContain('mbs-6-heron');
  expect(rows('results.csv').join('\n')).toMatch(/mbs-heron-01,(fully|partially) graded,\d/);
  expect(rows('manifest.csv')).toContain('file.results,bulk');
});
