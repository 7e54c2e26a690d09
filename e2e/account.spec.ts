/** A teacher's account: a forgotten password, another one, and the outbox of a machine that sends no mail. */
import * as messages from '@gobrel/messages';
import { expect, type Page, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { newTeacher } from './people';

const says = messages.signIn;
const SECOND = 'another one by the lamp';

async function signIn(page: Page, email: string, password: string): Promise<void> {
  await page.goto('/sign-in');
  await page.getByLabel(says.email).fill(email);
  await page.getByLabel(says.password, { exact: true }).fill(password);
  await page.getByRole('button', { name: says.enter }).click();
}

test('where mail is sent, a new account waits for its mail, and what was typed is kept until then', async ({
  page,
}) => {
  const says = messages.signIn;
  // Here no mail is sent: what the server says where it is.
  await page.route('**/api/accounts', (route) => route.fulfill({ status: 201, json: { isMailed: true } }));
  await page.goto('/sign-in');
  await page.getByRole('button', { name: says.noAccount }).click();
  await page.getByLabel(says.name).fill('Nadia Quill');
  await page.getByLabel(says.email).fill('nadia@marrambay.example');
  await page.getByLabel(says.password, { exact: true }).fill('a sentence by the sea');
  await page.getByRole('button', { name: says.create }).click();
  await expect(page.getByRole('heading', { name: says.accountTitle })).toBeFocused();
  await expect(page.getByText(says.accountSent({ email: 'nadia@marrambay.example' }))).toBeVisible();
  await expectClean(page);
  await page.getByRole('button', { name: says.tryAgain }).click();
  await expect(page.getByLabel(says.email)).toHaveValue('nadia@marrambay.example');

  await page.goto('/confirm-account/none');
  await expect(page.getByLabel(says.password)).toBeFocused();
  await expectClean(page);
  await page.keyboard.type('a sentence by the sea');
  await page.keyboard.press('Enter');
  await expect(page.getByText(messages.problems['link-is-used-up'])).toBeVisible();
});

test('a forgotten password is replaced by a link from a mail, which works once', async ({ page }) => {
  const { email } = await newTeacher(page);
  await page.context().clearCookies();
  await page.goto('/sign-in');
  await page.getByRole('link', { name: says.forgotten }).click();
  await expect(page.getByRole('heading', { level: 1, name: says.forgottenTitle })).toBeVisible();
  await expectClean(page);
  await page.getByLabel(says.email).fill('not an address');
  await page.getByRole('button', { name: says.sendLink }).click();
  await expect(page.getByText(messages.faults.email)).toBeVisible();
  await page.getByLabel(says.email).fill(email);
  await page.getByRole('button', { name: says.sendLink }).click();
  await expect(page.getByText(says.linkSent)).toBeVisible();
  await expectClean(page);
  await page.getByRole('link', { name: says.toOutbox }).click();
  const mail = page.getByRole('listitem').filter({ hasText: messages.outbox.to({ address: email }) });
  await expect(mail).toBeVisible();
  await expectClean(page);
  await mail.getByRole('link').click();
  await expect(page.getByLabel(says.newPassword)).toBeVisible();
  const address = page.url();
  await expectClean(page);
  await page.getByLabel(says.newPassword).fill('short');
  await page.getByRole('button', { name: says.setPassword }).click();
  await expect(page.getByText(messages.faults['password-too-short'])).toBeVisible();
  await page.getByLabel(says.newPassword).fill(SECOND);
  await page.getByLabel(says.newPassword).press('Enter');
  await expect(page.getByText(says.passwordSet)).toBeVisible();
  await page.goto(address);
  await page.getByLabel(says.newPassword).fill(SECOND);
  await page.getByRole('button', { name: says.setPassword }).click();
  await expect(page.getByText(messages.problems['link-is-used-up'])).toBeVisible();
  await expect(page.getByRole('link', { name: says.askAgain })).toBeVisible();
  await signIn(page, email, SECOND);
  await expect(page.getByRole('heading', { level: 1, name: messages.library.title })).toBeVisible();
});

test('a password is changed in the account, and other devices are signed out', async ({ page, browser }) => {
  const { email } = await newTeacher(page);
  const other = await (await browser.newContext()).newPage();
  await signIn(other, email, 'a sentence by the sea');
  await expect(other.getByRole('heading', { level: 1, name: messages.library.title })).toBeVisible();
  await page.goto('/');
  await page.getByRole('link', { name: messages.frame.accountOf({ name: 'Nadia Quill' }) }).click();
  await expect(page.getByText(email)).toBeVisible();
  await expectClean(page);
  await page.getByRole('form', { name: says.changePassword }).getByLabel(says.presentPassword).fill('not this one');
  await page.getByLabel(says.newPassword).fill(SECOND);
  await page.getByRole('button', { name: says.changePassword }).click();
  await expect(page.getByText(messages.faults['password-wrong'])).toBeVisible();
  await page
    .getByRole('form', { name: says.changePassword })
    .getByLabel(says.presentPassword)
    .fill('a sentence by the sea');
  await page.getByRole('button', { name: says.changePassword }).click();
  await expect(page.getByText(says.passwordChanged).first()).toBeVisible();
  await page.reload();
  await expect(page.getByText(email)).toBeVisible();
  await other.reload();
  await expect(other.getByRole('heading', { name: says.title })).toBeVisible();
  await other.context().close();
});

test('a name is changed, an address by a link, and another device is signed out', async ({ page, browser }) => {
  const { email } = await newTeacher(page);
  const elsewhere = await (await browser.newContext()).newPage();
  await signIn(elsewhere, email, 'a sentence by the sea');
  await expect(elsewhere.getByRole('heading', { name: messages.library.title })).toBeVisible();
  await page.goto('/account');
  await expect(page.getByText(says.thisDevice)).toBeVisible();
  await expectClean(page);
  await page.getByRole('button', { name: says.signOutOthers }).click();
  await expect(page.getByText(says.othersSignedOut).first()).toBeVisible();
  await elsewhere.goto('/');
  await expect(elsewhere.getByRole('heading', { name: says.title })).toBeVisible();

  await page.getByLabel(says.name, { exact: true }).fill('Nadia Reed');
  await page.getByRole('button', { name: messages.common.keep }).click();
  await expect(page.getByRole('link', { name: 'Nadia Reed' })).toBeVisible();

  const next = `reed-${Date.now()}@marrambay.example`;
  const form = page.getByRole('form', { name: says.changeEmail });
  await form.getByLabel(says.newEmail).fill(next);
  await form.getByLabel(says.presentPassword).fill('a sentence by the sea');
  await form.getByRole('button', { name: says.changeEmail }).click();
  await expect(page.getByText(says.emailSent({ email: next }))).toBeVisible();
  const mails = (await (await page.request.get('/api/outbox')).json()) as { to: string; text: string }[];
  const link = /\/confirm-email\/[\w-]+/.exec(mails.find(({ to }) => to === next)?.text ?? '')?.[0] ?? '';
  await elsewhere.goto(link);
  await expect(elsewhere.getByText(says.emailConfirmed)).toBeVisible();
  await expectClean(elsewhere);
  await signIn(elsewhere, next, 'a sentence by the sea');
  await expect(elsewhere.getByRole('heading', { name: messages.library.title })).toBeVisible();
  await elsewhere.context().close();
});
