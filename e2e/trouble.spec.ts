/** Trouble: wrong passwords, decks of others, files that do not arrive, and a server that is killed. */
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { expectClean } from './expect-clean';
import { join, middleOf, newDeck, newDeckByHand, newTeacher, saved } from './people';

test('a wrong password and a taken address are said in words', async ({ page }) => {
  await page.goto('/sign-in');
  await page.getByLabel(messages.signIn.email).fill('odile@marrambay.example');
  await page.getByLabel(messages.signIn.password).fill('wrong');
  await page.getByRole('button', { name: messages.signIn.enter }).click();
  await expect(page.getByRole('alert')).toContainText(messages.problems['wrong-password']);
  await page.getByRole('button', { name: messages.signIn.noAccount }).click();
  await page.getByRole('button', { name: messages.signIn.create }).click();
  await expect(page.getByText(messages.faults['own-name'])).toBeVisible();
  await page.getByLabel(messages.signIn.name, { exact: true }).fill('Somebody');
  await page.getByLabel(messages.signIn.email).fill('odile@marrambay.example');
  await page.getByLabel(messages.signIn.password).fill('long enough, surely');
  await page.getByRole('button', { name: messages.signIn.create }).click();
  await expect(page.getByText(messages.faults['address-taken'])).toBeVisible();
});

test('a deck that is not yours, a lesson that is not yours, and no such address', async ({ page }) => {
  await newTeacher(page);
  await page.goto('/decks/night-walk');
  await expect(page.getByText(messages.elsewhere.notYours)).toBeVisible();
  await page.goto('/lessons/shore-lesson');
  await expect(page.getByText(/There is no such lesson here/)).toBeVisible();
  await page.goto('/nowhere');
  await expect(page.getByRole('heading', { name: messages.elsewhere.title })).toBeVisible();
});

test('a deck is deleted, and the deletion taken back', async ({ page }) => {
  await newTeacher(page);
  await page.goto('/');
  await expect(page.getByRole('heading', { name: messages.library.empty })).toBeVisible();
  await newDeckByHand(page, 'Tides');
  await page.getByRole('link', { name: messages.frame.home }).click();
  await page.getByRole('button', { name: messages.library.actions({ title: 'Tides' }) }).click();
  await page.getByRole('menuitem', { name: messages.library.delete }).click();
  await expect(page.getByRole('dialog')).toContainText(messages.library.deleteText({ days: 30 }));
  await expectClean(page);
  await page.getByRole('button', { name: messages.common.cancel }).click();
  await expect(page.getByRole('link', { name: /^Tides/ })).toBeVisible();
  await page.getByRole('button', { name: messages.library.actions({ title: 'Tides' }) }).click();
  await page.getByRole('menuitem', { name: messages.library.delete }).click();
  await page.getByRole('button', { name: messages.library.delete, exact: true }).click();
  await expect(page.getByText(messages.bin.deleted({ title: 'Tides' })).first()).toBeVisible();
  await expect(page.getByRole('link', { name: /^Tides/ })).toHaveCount(0);
  await page.getByRole('button', { name: messages.common.undo }).click();
  await expect(page.getByRole('link', { name: /^Tides/ })).toBeVisible();
  await page.getByRole('button', { name: messages.library.actions({ title: 'Tides' }) }).click();
  await page.getByRole('menuitem', { name: messages.library.rename }).click();
  await page.getByRole('dialog').getByLabel(messages.library.deckTitle).fill('Tides and moon');
  await page.getByRole('button', { name: messages.common.keep }).click();
  await page.getByRole('button', { name: messages.library.actions({ title: 'Tides and moon' }) }).click();
  await page.getByRole('menuitem', { name: messages.library.duplicate }).click();
  await expect(page.getByRole('link', { name: messages.library.copyOf({ title: 'Tides and moon' }) })).toBeVisible();
});

test('a deck that is deleted while it is open elsewhere says so there, and goes on where it was once restored', async ({
  page,
}) => {
  await newTeacher(page);
  await newDeck(page, 'Tides');
  const other = await page.context().newPage();
  await other.goto('/');
  await other.getByRole('button', { name: messages.library.actions({ title: 'Tides' }) }).click();
  await other.getByRole('menuitem', { name: messages.library.delete }).click();
  await other.getByRole('button', { name: messages.library.delete, exact: true }).click();
  await expect(page.getByRole('alert')).toContainText(messages.problems['deck-deleted']);
  await expect(page.getByText(messages.kept.saved, { exact: true })).toBeHidden();
  await expectClean(page);
  await page.reload();
  await expect(page.getByRole('alert')).toContainText(messages.problems['deck-deleted']);
  await other.reload();
  await other.getByRole('link', { name: `${messages.bin.title} 1` }).click();
  await expect(other.getByRole('main')).toContainText('Tides');
  await expectClean(other);
  await other.getByRole('button', { name: messages.bin.restoreThis({ title: 'Tides' }) }).click();
  await expect(other.getByText(messages.bin.restored({ title: 'Tides' })).first()).toBeVisible();
  await page.reload();
  await expect(page.getByLabel(messages.library.deckTitle)).toHaveValue('Tides');
  await saved(page);
});

test.describe('without a service worker to help', () => {
  test.use({ serviceWorkers: 'block' });

  test('a list the server could not give is there by itself once it can', async ({ page }) => {
    await newTeacher(page);
    const away = {
      status: 503,
      json: { status: 503, code: 'database-away', message: messages.problems['database-away'] },
    };
    await page.route('**/api/classes', (route) => route.fulfill(away));
    await page.goto('/classes');
    await expect(page.getByText(messages.problems['database-away'])).toBeVisible();
    await page.unroute('**/api/classes');
    await expect(page.getByRole('heading', { name: messages.classes.empty })).toBeVisible();
  });

  test('a screen whose file does not arrive at once is fetched again', async ({ page }) => {
    let refused = 0;
    await page.route(/\/assets\/join-.*\.js$/, (route) => (refused++ < 2 ? route.abort() : route.continue()));
    await page.goto('/join');
    await expect(page.getByLabel(messages.join.code)).toBeVisible();
    expect(refused).toBeGreaterThan(2);
  });
});

test.describe('on a server that is killed', () => {
  test.use({ baseURL: process.env['GOBREL_MORTAL_ADDRESS'] ?? '' });

  test('in the middle of a drag, nothing is lost', async ({ page, request }) => {
    await join(page, 'HRNS-427', 'Yuki Thorne', '4444');
    for (let count = 0; count < 2; count += 1) await page.getByRole('button', { name: messages.walking.next }).click();
    await saved(page);
    const from = await middleOf(page.getByRole('button', { name: /^barnacle/ }));
    const to = await middleOf(page.getByText('Upper shore', { exact: true }));
    await page.mouse.move(from.x, from.y);
    await page.mouse.down();
    await page.mouse.move(to.x, from.y, { steps: 4 });
    const again = request.post(process.env['GOBREL_KILL_SWITCH'] ?? '');
    await page.mouse.move(to.x, to.y, { steps: 4 });
    await page.mouse.up();
    await expect(
      page.getByRole('button', { name: messages.pieces.inZone({ name: 'barnacle', zone: 'Upper shore' }) }),
    ).toBeVisible();
    expect((await again).ok()).toBe(true);
    await saved(page);
    await page.reload();
    await expect(
      page.getByRole('button', { name: messages.pieces.inZone({ name: 'barnacle', zone: 'Upper shore' }) }),
    ).toBeVisible();
  });
});

test('whoever makes accounts in a loop keeps nobody else in the building from making one', async ({ page }) => {
  const make = (at: number) =>
    page.request.post('/api/accounts', {
      data: { name: 'Loop', email: `loop-${Date.now()}-${at}@marrambay.example`, password: 'ten letters and more' },
    });
  await page.goto('/sign-in');
  await page.getByRole('button', { name: messages.signIn.noAccount }).click();
  await page.getByLabel(messages.signIn.name).fill('Elowen Marsh');
  await page.getByLabel(messages.signIn.email).fill(`elowen-${Date.now()}@marrambay.example`);
  await page.getByLabel(messages.signIn.password).fill('ten letters and more');
  // A minute in which accounts are free begins with the first that anybody makes: it may end in the middle of the loop.
  await expect(async () => {
    const made = await Promise.all(Array.from({ length: 70 }, (_, at) => make(at)));
    expect(made.filter((response) => response.status() === 429).length).toBeGreaterThan(0);
    expect((await make(70)).status()).toBe(429);
  }).toPass();
  await page.context().clearCookies();
  await page.getByRole('button', { name: messages.signIn.create }).click();
  await expect(page.getByText(messages.common.moment).first()).toBeVisible();
  await expect(page.getByRole('button', { name: messages.library.newDeck }).first()).toBeVisible();
});
