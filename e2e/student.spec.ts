/** A student at work: by keys, without a network, with a server that dies. */
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { cutNetwork, join, middleOf, readyForOffline, saved, tablet } from './people';
import { asSaid } from './as-said';

test('pieces are picked up, moved among zones and put down by keys, and everything is spoken', async ({ page }) => {
  await join(page, 'HRNS-427', 'Ulises Brand', '1111');
  for (let count = 0; count < 2; count += 1) await page.getByRole('button', { name: messages.walking.next }).click();
  const kelp = page.getByRole('button', { name: /^kelp/ });
  await kelp.focus();
  await page.keyboard.press('Enter');
  await expect(
    page.getByText(asSaid(messages.pieces.pickedUpOver, { name: 'kelp', zone: 'Splash zone' })),
  ).toBeAttached();
  for (let count = 0; count < 3; count += 1) await page.keyboard.press('ArrowRight');
  await expect(page.getByText(messages.pieces.over({ zone: 'Lower shore' }))).toBeAttached();
  await page.keyboard.press('Enter');
  await expect(
    page.getByRole('button', { name: messages.pieces.inZone({ name: 'kelp', zone: 'Lower shore' }) }),
  ).toBeVisible();
  await page.getByRole('button', { name: messages.common.undo }).click();
  await expect(page.getByRole('button', { name: messages.pieces.inNoZone({ name: 'kelp' }) })).toBeVisible();
});

test('what is fixed does not move under a student’s hand', async ({ page }) => {
  await join(page, 'HRNS-427', 'Vesna Croft', '2222');
  for (let count = 0; count < 2; count += 1) await page.getByRole('button', { name: messages.walking.next }).click();
  const zone = page.getByText('Splash zone', { exact: true });
  const before = await middleOf(zone);
  await page.mouse.move(before.x, before.y);
  await page.mouse.down();
  await page.mouse.move(before.x + 90, before.y + 90, { steps: 5 });
  await page.mouse.up();
  expect(await middleOf(zone)).toEqual(before);
});

test('without a network work goes on, survives a reload, and is on the server when the network is back', async ({
  browser,
}) => {
  test.setTimeout(240_000);
  const context = await tablet(browser);
  const page = await context.newPage();
  await join(page, 'HRNS-427', 'Wilder Nash', '3333');
  await page.getByRole('button', { name: messages.walking.next }).tap();
  await page.getByLabel('Twice a day it is').fill('low');
  await saved(page);
  await readyForOffline(page);
  await page.reload();
  await saved(page);
  await cutNetwork(page);
  await expect(page.getByText(messages.kept['on-device'])).toBeVisible();
  await page.getByLabel('What pulls the water').fill('the moon');
  await page.getByRole('button', { name: messages.student.submit }).tap();
  await page.getByRole('dialog').getByRole('button', { name: messages.student.submit }).tap();
  await expect(page.getByText(messages.student.notYetThere).first()).toBeVisible();
  await page.getByRole('button', { name: messages.student.notYet }).tap();
  await page.reload();
  await expect(page.getByLabel('What pulls the water')).toHaveValue('the moon');
  await expect(page.getByLabel('Twice a day it is')).toHaveValue('low');
  await context.setOffline(false);
  await saved(page);
  const elsewhere = await (await tablet(browser)).newPage();
  await join(elsewhere, 'HRNS-427', 'Wilder Nash', '3333');
  await expect(elsewhere.getByLabel('What pulls the water')).toHaveValue('the moon');
  await elsewhere.context().close();
  await context.close();
});

test('a wrong code and a wrong PIN are said in words', async ({ page }) => {
  await page.goto('/join/XXXX-999');
  await expect(page.getByRole('alert')).toContainText(messages.problems['no-such-code']);
  await page.getByLabel(messages.join.code).fill('hrns 427');
  await page.getByRole('button', { name: messages.join.enter }).click();
  await page.getByRole('button', { name: 'Perrin Holt' }).click();
  // Nothing needs to be pressed: the last digit is enough, and so it is the next time.
  await page.getByLabel(messages.join.pin).fill('0000');
  await expect(page.getByRole('alert')).toContainText(messages.problems['wrong-pin']);
  await page.getByLabel(messages.join.pin).fill('2468');
  await expect(page.getByRole('heading', { name: 'Shore zones', level: 1 })).toBeVisible();
});

test('on a shared device one student leaves before the next comes in', async ({ page }) => {
  await join(page, 'HRNS-427', 'Noor Ashby', '2468');
  await page.goto('/join');
  await expect(page.getByText(messages.join.stillIn({ name: 'Noor Ashby', title: 'Shore zones' }))).toBeVisible();
  await page.getByRole('button', { name: messages.join.notMe }).click();
  await expect(page.getByText(/is still in/)).toBeHidden();
  await page.goto('/work');
  await expect(page.getByRole('heading', { name: messages.join.title })).toBeVisible();
});
