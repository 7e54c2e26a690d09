/** Sharing a deck: people, a link, a published show, an embedded one; looked at by strangers, and taken back. */
import { expect, type Page, test } from '@playwright/test';
import * as messages from '@gobrel/messages';
import { expectClean } from './expect-clean';
import { newDeck, newTeacher, odile, ownCopy } from './people';
import { readQr } from './read-qr';

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

test('a show is published from the editor, looked at by a stranger, and taken back while they look', async ({
  page,
  browser,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Tide table');
  await share(page);
  await expect(page.getByText(says.nowPrivate)).toBeVisible();
  await expectClean(page);
  const path = await turnOn(page, says.show, says.showAddress);
  await expect(page.getByText(says.now({ what: says.nowShow({ locked: false }) }))).toBeVisible();
  expect(await readQr(page.getByAltText(says.qr))).toContain(path);
  await expectClean(page);

  const stranger = await (await browser.newContext()).newPage();
  await stranger.goto(path);
  await expect(stranger.getByRole('heading', { level: 1, name: 'Tide table' })).toBeVisible();
  await expectClean(stranger);
  await expect(stranger.getByRole('button', { name: messages.shown.makeCopy })).toHaveCount(0);

  await page.getByRole('switch', { name: says.show }).click();
  await expect(page.getByText(says.nowPrivate)).toBeVisible();
  await expect(stranger.getByText(messages.problems['share-ended'])).toBeVisible();
  await expectClean(stranger);

  await page.getByRole('switch', { name: says.show }).click();
  await expect(page.getByText(says.now({ what: says.nowShow({ locked: false }) }))).toBeVisible();
  await expect(stranger.getByRole('heading', { level: 1, name: 'Tide table' })).toBeVisible();
  await stranger.context().close();
});

test('the published night walk is walked by its links and keys, and nothing is kept', async ({ browser }) => {
  const stranger = await (await browser.newContext()).newPage();
  await stranger.goto('/show/saltmarshAtNight');
  const status = stranger.getByRole('status');
  await expect(status).toContainText('Dusk at the gate');
  await stranger.getByRole('link', { name: 'Step onto the boards' }).click();
  await expect(status).not.toContainText('Dusk at the gate');
  const second = (await status.textContent()) ?? '';
  await stranger.keyboard.press('ArrowLeft');
  await expect(status).toContainText('Dusk at the gate');
  await stranger.keyboard.press('ArrowRight');
  await expect(status).toHaveText(second);
  await stranger.getByRole('button', { name: messages.shown.startOver }).click();
  await expect(status).toContainText('Dusk at the gate');
  expect(await stranger.context().cookies()).toEqual([]);
  await stranger.context().close();
});

test('answers in a published show are checked by the server as often as they may be; without a network it says so', async ({
  page,
  browser,
}) => {
  await odile(page);
  const deckId = await ownCopy(page, 'night-watch');
  const answer = await page.request.put(`/api/decks/${deckId}/shares/show`, { data: {} });
  const { show } = (await answer.json()) as { show: { address: string } };
  const stranger = await (await browser.newContext()).newPage();
  await stranger.goto(`/show/${show.address}`);
  const telling = stranger.getByRole('region', { name: messages.telling.title });
  const check = telling.getByRole('button', { name: messages.telling.check });
  await stranger.getByRole('radio', { name: 'an owl over the hide' }).check();
  await stranger.context().setOffline(true);
  await check.click();
  await expect(stranger.getByText(messages.shown.offline).first()).toBeVisible();
  await stranger.context().setOffline(false);
  await check.click();
  await expect(telling).toContainText('That one does not swim.');
  await expect(telling).toContainText(messages.telling.left({ count: 1 }));
  await expectClean(stranger);
  await stranger.getByRole('radio', { name: 'an otter in the creek' }).check();
  await check.click();
  await expect(telling).toContainText('Yes: the tail gives it away.');
  await stranger.context().close();
  await page.request.delete(`/api/decks/${deckId}`);
});

test('a passcode is set, asked for, mistyped, and asked for anew once it is another one', async ({ page, browser }) => {
  await newTeacher(page);
  await newDeck(page, 'Staff only');
  await share(page);
  const path = await turnOn(page, says.show, says.showAddress);
  const section = page.getByRole('region', { name: says.show });
  await section.getByRole('button', { name: says.setPasscode }).click();
  await section.getByRole('textbox', { name: says.passcode }).fill('reed warbler');
  await section.getByRole('button', { name: says.setPasscode }).click();
  await expect(page.getByText(says.now({ what: says.nowShow({ locked: true }) }))).toBeVisible();

  const stranger = await (await browser.newContext()).newPage();
  await stranger.goto(path);
  await expect(stranger.getByRole('heading', { name: messages.shown.locked })).toBeVisible();
  await expectClean(stranger);
  await stranger.getByLabel(messages.shown.passcode).fill('reed bunting');
  await stranger.keyboard.press('Enter');
  await expect(stranger.getByText(messages.problems['passcode-wrong'])).toBeVisible();
  await stranger.getByLabel(messages.shown.passcode).fill('reed warbler');
  await stranger.keyboard.press('Enter');
  await expect(stranger.getByRole('heading', { level: 1, name: 'Staff only' })).toBeVisible();
  await stranger.reload();
  await expect(stranger.getByRole('heading', { level: 1, name: 'Staff only' })).toBeVisible();

  await section.getByRole('button', { name: says.changePasscode }).click();
  await section.getByRole('textbox', { name: says.passcode }).fill('sedge warbler');
  await page.keyboard.press('Enter');
  await expect(stranger.getByRole('heading', { name: messages.shown.locked })).toBeVisible();
  await stranger.context().close();
});

test('a link lets a colleague make a copy, which says whose it was, and edit; all sharing is stopped at once', async ({
  page,
  browser,
}) => {
  await newTeacher(page, 'Odile F.');
  await newDeck(page, 'Harbour walk');
  await share(page);
  const path = await turnOn(page, says.link, says.linkAddress);
  await page.getByRole('combobox', { name: says.theyCan, exact: true }).selectOption('edit');
  await expect(page.getByText(says.now({ what: says.nowLink({ may: 'edit' }) }))).toBeVisible();

  const theirs = await (await browser.newContext()).newPage();
  await theirs.goto(path);
  await theirs.getByRole('button', { name: messages.shown.makeCopy }).click();
  await expect(theirs.getByRole('heading', { name: messages.signIn.title })).toBeVisible();
  await newTeacher(theirs);
  await theirs.goto(path);
  await theirs.getByRole('button', { name: messages.shown.makeCopy }).click();
  await expect(theirs.getByLabel(messages.library.deckTitle)).toHaveValue('Harbour walk');
  await theirs.goto('/');
  await expect(
    theirs.getByText(messages.library.copiedFrom({ title: 'Harbour walk', name: 'Odile F.' })),
  ).toBeVisible();
  await theirs.goto(path);
  await theirs.getByRole('button', { name: messages.shown.edit }).click();
  await theirs.getByLabel(messages.library.deckTitle).fill('Harbour walk together');
  await expect(page.getByLabel(messages.library.deckTitle, { exact: true })).toHaveValue('Harbour walk together');

  await page.getByRole('button', { name: says.stopAll }).click();
  await page.getByRole('dialog', { name: says.stopTitle }).getByRole('button', { name: says.stopAll }).click();
  await expect(page.getByText(says.nowPrivate)).toBeVisible();
  await expect(theirs.getByText(messages.elsewhere.notYours)).toBeVisible();
  await theirs.goto(path);
  await expect(theirs.getByText(messages.problems['share-ended'])).toBeVisible();
  await theirs.context().close();
});

test('a viewer looks and makes a copy; made an editor, they edit; whoever has no account comes by the mail’s link', async ({
  page,
  browser,
}) => {
  await newTeacher(page, 'Odile F.');
  await newDeck(page, 'Owl pellets');
  const theirs = await (await browser.newContext()).newPage();
  const { email } = await newTeacher(theirs, 'Tobin Marsh');
  await share(page);
  await page.getByRole('combobox', { name: says.newRight }).selectOption('view');
  await page.getByRole('textbox', { name: says.email }).fill(email);
  await page.getByRole('button', { name: says.invite }).click();
  await expect(page.getByText(says.now({ what: says.nowView({ count: 1 }) }))).toBeVisible();
  await theirs.goto('/');
  await theirs.getByRole('link', { name: /Owl pellets/ }).click();
  await expect(theirs.getByText(says.viewOnlyText({ name: 'Odile F.' }))).toBeVisible();
  await expectClean(theirs);
  await theirs.getByRole('link', { name: says.present }).click();
  await expect(theirs.getByRole('heading', { level: 1, name: 'Owl pellets' })).toBeAttached();
  await theirs.getByRole('button', { name: messages.show.more }).click();
  await expect(theirs.getByRole('menuitem', { name: messages.show.keysTitle })).toBeVisible();
  await expect(theirs.getByRole('menuitem', { name: messages.show.saveWalk })).toHaveCount(0);
  await expect(theirs.getByRole('menuitem', { name: messages.following.action })).toHaveCount(0);
  await page.getByRole('combobox', { name: says.rightOf({ name: 'Tobin Marsh' }) }).selectOption('edit');
  await expect(page.getByText(says.now({ what: says.nowEdit({ count: 1 }) }))).toBeVisible();
  await theirs.goto('/');
  await theirs.getByRole('link', { name: /Owl pellets/ }).click();
  await expect(theirs.getByLabel(messages.library.deckTitle)).toHaveValue('Owl pellets');

  const asked = `ilse-${Date.now()}@fenhouse.example`;
  await page.getByRole('textbox', { name: says.email }).fill(asked);
  await page.getByRole('button', { name: says.invite }).click();
  await expect(page.getByText(says.invited, { exact: true })).toBeVisible();
  const ilse = await (await browser.newContext()).newPage();
  const mails = (await (await ilse.request.get('/api/outbox')).json()) as { to: string; text: string }[];
  const link = /\/invited\/[\w-]+/.exec(mails.find(({ to }) => to === asked)?.text ?? '')?.[0] ?? '';
  await ilse.goto(link);
  await expect(
    ilse.getByRole('heading', { name: says.invitedTitle({ name: 'Odile F.', title: 'Owl pellets' }) }),
  ).toBeVisible();
  await expectClean(ilse);
  await ilse.getByRole('link', { name: says.toSignIn }).click();
  await newTeacher(ilse, 'Ilse Wrack');
  await ilse.goto(link);
  await ilse.getByRole('button', { name: says.accept }).click();
  await expect(ilse.getByText(says.viewOnlyText({ name: 'Odile F.' }))).toBeVisible();
  await ilse.goto(link);
  await expect(ilse.getByText(messages.problems['link-is-used-up'])).toBeVisible();
  await theirs.context().close();
  await ilse.context().close();
});

test('what somebody may do ends on a day that is chosen, not while its year is typed', async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'For a term');
  await share(page);
  await turnOn(page, says.show, says.showAddress);
  const section = page.getByRole('region', { name: says.show });
  await section.getByRole('button', { name: says.noEndOf({ label: says.until }) }).click();
  const field = section.getByLabel(says.until);
  await field.pressSequentially('07182');
  await expect(page.getByText(says.now({ what: says.nowShow({ locked: false }) }))).toBeVisible();
  await field.fill('2031-07-18');
  const until = new Date(2031, 6, 18, 23, 59, 59);
  await expect(page.getByText(says.now({ what: says.nowShowUntil({ locked: false, until }) }))).toBeVisible();
  await section.getByLabel(says.until).fill('');
  await expect(page.getByText(says.now({ what: says.nowShow({ locked: false }) }))).toBeVisible();
});

test('an embedded show plays in a page of another origin, which reaches nothing of it; nothing else is framed', async ({
  page,
  baseURL,
}) => {
  const elsewhere = (baseURL ?? '').replace('127.0.0.1', 'localhost');
  await page.goto(`${elsewhere}/try-embedding/saltmarshAtNight`);
  const show = page.frameLocator('iframe');
  await expect(show.getByRole('status')).toContainText('Dusk at the gate');
  await show.getByRole('link', { name: 'Step onto the boards' }).click();
  await expect(show.getByRole('status')).not.toContainText('Dusk at the gate');
  await page.keyboard.press('ArrowLeft');
  await expect(show.getByRole('status')).toContainText('Dusk at the gate');
  expect(await page.evaluate(() => document.querySelector('iframe')?.contentDocument ?? null)).toBeNull();
  const reached = await page.evaluate(() => {
    try {
      return document.querySelector('iframe')?.contentWindow?.document.title ?? 'reached';
    } catch (error) {
      return error instanceof DOMException ? error.name : 'otherwise';
    }
  });
  expect(reached).toBe('SecurityError');
  await expect(page.locator('iframe')).toHaveCSS('width', '960px');
  await page.setViewportSize({ width: 390, height: 844 });
  await expect(show.getByRole('status')).toContainText('Dusk at the gate');
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);

  for (const path of ['/', '/sign-in', '/show/saltmarshAtNight']) {
    const refused = page.waitForEvent('console', (message) => message.text().includes('frame-ancestors'));
    await page.evaluate((src) => {
      const frame = document.createElement('iframe');
      frame.src = src;
      document.body.append(frame);
    }, `${baseURL}${path}`);
    await refused;
  }
});

test('a show is followed on a phone by its QR code: live, looked back at, until it ends', async ({ page, browser }) => {
  await odile(page);
  const deckId = await ownCopy(page, 'night-walk');
  const follows = messages.following;
  await page.goto(`/decks/${deckId}/show/gate`);
  await page.getByRole('button', { name: follows.action }).click();
  await expectClean(page);
  await page.getByRole('button', { name: follows.start }).click();
  await expect(page.getByRole('dialog').getByAltText(follows.qr)).toBeVisible();
  const url = (await readQr(page.getByRole('dialog').getByAltText(follows.qr))) ?? '';
  await page.keyboard.press('Escape');
  await expect(page.getByAltText(follows.qr)).toBeVisible();

  const phone = await (await browser.newContext({ viewport: { width: 390, height: 844 }, hasTouch: true })).newPage();
  await phone.goto(url);
  const status = phone.getByRole('status');
  await expect(status).toContainText('Dusk at the gate');
  await expect(status).toContainText(follows.live);
  await expectClean(phone);
  await page.getByRole('link', { name: 'Step onto the boards' }).click();
  await expect(status).toContainText('The boardwalk splits');
  await expect(page.getByAltText(follows.qr)).toBeHidden();

  await phone.getByRole('button', { name: follows.back }).tap();
  await expect(status).toContainText(follows.lookingBack);
  await page.getByRole('link', { name: 'Climb to the hide' }).click();
  await expect(status).toContainText('Dusk at the gate');
  await phone.getByRole('button', { name: follows.toLive }).tap();
  await expect(status).toContainText('The hide');

  await page.reload();
  await page.getByRole('button', { name: follows.action }).click();
  await expect(page.getByText(follows.joined({ count: 1 }))).toBeVisible();
  await page.getByRole('button', { name: follows.end }).click();
  await expect(phone.getByText(messages.problems['show-over'])).toBeVisible();
  await phone.context().close();
  await page.request.delete(`/api/decks/${deckId}`);
});
