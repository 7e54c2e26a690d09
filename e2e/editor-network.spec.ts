/** The editor without a network. */
import * as messages from '@gobrel/messages';
import { expect, test } from '@playwright/test';
import { cutNetwork, item, newDeck, newTeacher, readyForOffline, saved } from './people';

test.beforeEach(async ({ page }) => {
  await newTeacher(page);
  await newDeck(page, 'Saltmarsh');
});

test('without a network the editor goes on and says so; both authors’ steps are there when it is back', async ({
  page,
  browser,
}) => {
  const other = await browser.newContext({ storageState: await page.context().storageState() });
  const second = await other.newPage();
  await second.goto(page.url());
  await expect(second.getByLabel(messages.library.deckTitle)).toHaveValue('Saltmarsh');
  await readyForOffline(page);
  await cutNetwork(page);
  const state = page.getByText(messages.kept['on-device']);
  await expect(state).toBeVisible();
  await expect(page.getByText(messages.kept.saved, { exact: true })).toBeHidden();
  await page.getByRole('button', { name: messages.kinds.text, exact: true }).click();
  await page.keyboard.type('Written in the hide');
  await page.keyboard.press('Escape');
  await page.reload();
  await expect(item(page, /^Text, “Written in the hide/)).toBeVisible();
  await second.getByRole('button', { name: messages.editor.rectangle, exact: true }).click();
  await saved(second);
  await expect(state).toBeVisible();
  await page.context().setOffline(false);
  await saved(page);
  for (const who of [page, second]) {
    await expect(item(who, /^Text, “Written in the hide/).first()).toBeVisible();
    await expect(item(who, 'Shape')).toBeVisible();
  }
  await other.close();
});

/** The message by which the server says that something is on its disk (Hocuspocus' `SyncStatus`). */
const SYNC_STATUS = 8;

test('what the server does not acknowledge is not called saved, and is once it does', async ({ page }) => {
  let isDiskAway = false;
  const held: (() => void)[] = [];
  await page.routeWebSocket('/sync', (socket) => {
    const server = socket.connectToServer();
    server.onMessage((message) => {
      const isStatus = typeof message !== 'string' && message[1 + (message[0] ?? 0)] === SYNC_STATUS;
      if (isStatus && isDiskAway) held.push(() => socket.send(message));
      else socket.send(message);
    });
  });
  await page.reload();
  await saved(page);
  isDiskAway = true;
  await page.getByLabel(messages.library.deckTitle).fill('Saltmarsh at night');
  await expect(page.getByText(messages.kept.waiting)).toBeVisible();
  isDiskAway = false;
  for (const send of held) send();
  await saved(page);
});
