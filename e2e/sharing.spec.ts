/** Sharing a deck: people, a link, a published show, an embedded one; looked at by strangers, and taken back. */
import { expect, type Page, test } from '@playwright/test';
import * as messages from '@gobrel/messages';
import { expectClean } from './expect-clean';
import { newDeck, newTeacher, signInAsOdile } from './people';

const says = messages.sharing;

/** Opens the dialog of a deck in the editor. */
async function share(page: Page): Promise<void> {
  await page.getByRole('button', { name: messages.editor.moreActions }).click();
  await page.getByRole('menuitem', { name: says.action }).click();
  await expect(page.getByRole('switch', { name: says.show })).toBeVisible();
}

/** Turns a part of the dialog on, and gives the path it is looked at by. */
async function turnOn(page: Page, part: string, label: string): Promise<string> {
  const onOff = page.getByRole('switch', { name: part });
  if ((await onOff.getAttribute('aria-checked')) === 'false') await onOff.click();
  const url = await page.getByRole('textbox', { name: label, exact: true }).inputValue();
  return new URL(url).pathname;
}
