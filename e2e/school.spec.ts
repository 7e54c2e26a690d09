/** A school: colleagues come by mail, share decks with teams, and find what others offer on the shelf. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { newDeck, newTeacher } from './people';

/** The link of the last mail to somebody, as its path; asked for by the page, as whoever opens the outbox does. */
async function mailedPath(page: Page, to: string): Promise<string> {
  const mails = await page.evaluate(async () => (await (await fetch('/api/outbox')).json()) as unknown);
  const text = (mails as { to: string; text: string }[]).find((mail) => mail.to === to)?.text ?? '';
  return new URL(/https?:\/\/\S+/.exec(text)?.[0] ?? 'http://none/').pathname;
}

test('a school is made, a colleague comes by the mail, and each finds what the other shares', async ({
  page,
  browser,
}) => {
  const says = messages.school;
  await newTeacher(page, 'Nadia Quill');
  await newDeck(page, 'Waders of the bay');
  await page.goto('/?shelf=school');
  await expect(page.getByText(says.noneText)).toBeVisible();
  await page.getByRole('link', { name: says.create }).click();
  await page.getByLabel(says.name).fill('Fen House School');
  await page.getByRole('button', { name: says.create }).click();
  await expect(page.getByRole('heading', { name: 'Fen House School' })).toBeVisible();

  const other = await (await browser.newContext()).newPage();
  const { email } = await newTeacher(other, 'Tomas Reed');
  await page.getByLabel(messages.sharing.email).fill(email);
  await page.getByRole('button', { name: messages.sharing.invite }).click();
  await expect(page.getByText(messages.sharing.invited, { exact: true })).toBeVisible();
  await expectClean(page);
  await other.goto(await mailedPath(page, email));
  await expect(
    other.getByRole('heading', { name: says.invitedTitle({ name: 'Nadia Quill', school: 'Fen House School' }) }),
  ).toBeVisible();
  await expectClean(other);
  await other.getByRole('button', { name: says.join }).click();
  // The invitation names the school as well: only its own page is called so.
  await expect(other.getByRole('heading', { name: 'Fen House School', exact: true })).toBeVisible();
  await expect(other.getByText('Nadia Quill')).toBeVisible();

  await page.reload();
  await page.getByRole('button', { name: says.newTeam }).click();
  const dialog = page.getByRole('dialog');
  await dialog.getByLabel(says.teamName).fill('Sciences');
  await dialog.getByLabel('Tomas Reed').check();
  await expectClean(page);
  await dialog.getByRole('button', { name: messages.common.keep }).click();
  await expect(page.getByText('Sciences', { exact: true })).toBeVisible();

  await page.goto('/');
  const share = async () => {
    await page.getByRole('button', { name: messages.library.actions({ title: 'Waders of the bay' }) }).click();
    await page.getByRole('menuitem', { name: messages.sharing.action }).click();
  };
  await share();
  await page.getByRole('button', { name: says.addTeam }).click();
  await page.getByRole('menuitem', { name: /Sciences/ }).click();
  await expect(dialog.getByText(says.teamOf({ name: 'Sciences' }), { exact: true })).toBeVisible();
  await other.goto('/?shelf=shared');
  await expect(other.getByRole('link', { name: /Waders of the bay/ })).toBeVisible();
  await dialog
    .getByRole('button', { name: messages.sharing.removeName({ name: says.teamOf({ name: 'Sciences' }) }) })
    .click();
  await expect(dialog.getByText(says.teamOf({ name: 'Sciences' }), { exact: true })).toBeHidden();

  await dialog.getByRole('switch', { name: says.offer }).click();
  await dialog.getByLabel(says.subject, { exact: true }).fill('Natural sciences');
  await dialog.getByLabel(says.agesFrom).selectOption('9');
  await dialog.getByLabel(says.agesTo).selectOption('12');
  // What the server answered is what is shown.
  await expect(dialog.getByLabel(says.agesTo)).toHaveValue('12');
  await expect(dialog.getByLabel(says.agesFrom)).toHaveValue('9');
  await expect(
    dialog.getByText(messages.sharing.now({ what: messages.sharing.nowSchool({ may: 'view' }) })),
  ).toBeVisible();
  await expectClean(page);

  await other.goto('/?shelf=school');
  await expect(other.getByText(says.ages({ from: 9, to: 12 }))).toBeVisible();
  await other.getByLabel(says.age, { exact: true }).selectOption('14');
  await expect(other.getByText(says.noneFound)).toBeVisible();
  await other.getByRole('button', { name: says.showAll }).click();
  await other.getByLabel(says.subject, { exact: true }).selectOption('Natural sciences');
  await other.getByLabel(says.search).fill('quill wader');
  await expectClean(other);
  await other.getByRole('button', { name: says.preview({ title: 'Waders of the bay' }) }).click();
  await expect(other.getByRole('list', { name: says.slidesOf({ title: 'Waders of the bay' }) })).toBeVisible();
  await expectClean(other);
  await other.getByRole('dialog').getByRole('button', { name: messages.sharing.makeCopy }).click();
  await expect(other.getByLabel(messages.library.deckTitle)).toHaveValue('Waders of the bay');

  await dialog.getByRole('button', { name: messages.sharing.stopAll }).click();
  await page.getByRole('dialog').last().getByRole('button', { name: messages.sharing.stopAll }).click();
  await expect(dialog.getByText(messages.sharing.nowPrivate)).toBeVisible();
  await other.goto('/?shelf=school');
  await expect(other.getByText(says.emptyShelf, { exact: true })).toBeVisible();
});

test('whoever leaves a school is in none, and can be asked again', async ({ page, browser }) => {
  const says = messages.school;
  await newTeacher(page, 'Nadia Quill');
  await page.request.post('/api/school', { data: { name: 'Fen House School' } });
  const other = await (await browser.newContext()).newPage();
  const { email } = await newTeacher(other, 'Tomas Reed');
  await page.request.post('/api/school/invitations', { data: { email } });
  await page.goto('/school');
  const path = await mailedPath(page, email);
  await other.goto(path);
  await other.getByRole('button', { name: says.join }).click();
  await other.getByRole('button', { name: says.leave }).click();
  await other.getByRole('dialog').getByRole('button', { name: says.leave }).click();
  await expect(other.getByText(says.none, { exact: true })).toBeVisible();
  await other.goto(path);
  await expect(other.getByRole('alert')).toContainText(messages.problems['link-is-used-up']);
  await page.goto('/school');
  await expect(page.getByText('Tomas Reed')).toBeHidden();
  await page.getByRole('button', { name: says.leave }).click();
  await page.getByRole('dialog').getByRole('button', { name: says.leave }).click();
  await expect(page.getByText(says.none, { exact: true })).toBeVisible();
});
