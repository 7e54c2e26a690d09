/** Class lists from a school's system: the class is chosen, its students come with it. */
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { strToU8, zipSync } from 'fflate';
import { expectClean } from './expect-clean';
import { newTeacher } from './people';

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
