/** Shows that others follow on their own devices, without an account. */
import type { FollowingView, ShownDeck, SharesView } from '@gobrel/contract';
import { picturesIn, readDeck } from '@gobrel/core/deck';
import { DataSource } from 'typeorm';
import { ClearingOutService } from './care/clearing-out.service.js';
import { FollowingsService } from './sharing/followings.service.js';
import { Listener } from './testing/listener.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

let server: TestServer;
let odile: Visitor;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  odile = await server.odile();
});
afterAll(() => server.stop());

const stopAt = (slideId: string) => ({ slideId, viewpointId: null, appeared: 0 });
const start = async (keeps = false, slideId = 'gate') =>
  (await odile.ask<FollowingView>('POST', '/api/decks/night-walk/following', { keeps, stop: stopAt(slideId) })).body
    .address;
const step = (address: string, slideId: string, who = odile) =>
  who.ask('POST', `/api/followings/${address}/steps`, { stop: stopAt(slideId) });
const end = (address: string, who = odile) => who.ask('POST', `/api/followings/${address}/end`);
const look = (address: string) => server.visitor().ask<ShownDeck & { code: string }>('GET', `/api/shows/${address}`);
const slides = async (address: string) => (await look(address)).body.walk?.map(({ slideId }) => slideId);

test('whoever comes sees where the show was; each step reaches those who follow, and pictures come along', async () => {
  const address = await start();
  expect(await slides(address)).toEqual(['gate']);
  const listener = await Listener.to(server, address);
  expect((await step(address, 'fork')).status).toBe(204);
  await until(() => listener.events('step').length > 0);
  expect(listener.events('step').map((data) => JSON.parse(data))).toEqual([stopAt('fork')]);
  expect(await slides(address)).toEqual(['gate', 'fork']);
  const [picture] = picturesIn(readDeck((await look(address)).body.deck).deck);
  expect((await server.visitor().ask('GET', `/api/shows/${address}/pictures/${picture}`)).status).toBe(200);
  listener.leave();
  await end(address);
});

test('steps to what is not in the deck go nowhere; only who presents leads and ends', async () => {
  const address = await start();
  const other = await server.teacher();
  expect((await step(address, 'nowhere')).status).toBe(204);
  expect((await step(address, 'fork', other)).status).toBe(404);
  expect((await end(address, other)).status).toBe(404);
  expect(await slides(address)).toEqual(['gate']);
  expect((await odile.ask('POST', '/api/decks/night-walk/following', { keeps: false, stop: {} })).status).toBe(422);
  await end(address);
});

test('at the end it is over at once, or can be looked through for a while', async () => {
  const address = await start();
  const listener = await Listener.to(server, address);
  await end(address);
  await until(() => listener.events('again').length > 0);
  listener.leave();
  expect(await look(address)).toMatchObject({ status: 410, body: { code: 'show-over' } });
  expect((await step(address, 'fork')).status).toBe(404);

  const kept = await start(true);
  await end(kept);
  const { status, body } = await look(kept);
  expect([status, body.walk]).toEqual([200, null]);
  expect(new Date(body.until ?? 0).getTime()).toBeGreaterThan(Date.now() + 29 * 24 * 3_600_000);
});

test('a second show of the same deck by the same person ends the first one', async () => {
  const first = await start();
  const second = await start();
  expect((await look(first)).status).toBe(410);
  expect(await slides(second)).toEqual(['gate']);
  await end(second);
});

test('who came is counted; what nobody presents any more ends, and is cleared out', async () => {
  const address = await start();
  for (let count = 0; count < 3; count += 1) await server.visitor().ask('POST', `/api/shows/${address}/looks`);
  expect((await odile.ask<FollowingView>('GET', `/api/followings/${address}`)).body).toEqual({ address, joined: 3 });
  const database = server.app.get(DataSource);
  await server.app.get(FollowingsService).endForgotten();
  expect((await look(address)).status).toBe(200);
  await database.query(`UPDATE deck_share SET seen_at = now() - interval '16 min' WHERE address = $1`, [address]);
  await server.app.get(FollowingsService).endForgotten();
  expect((await look(address)).status).toBe(410);
  await database.query(`UPDATE deck_share SET ended_at = now() - interval '2 days' WHERE address = $1`, [address]);
  await server.app.get(ClearingOutService).clearOut();
  expect((await look(address)).status).toBe(404);
});

test('a long show is looked back at for its last two hundred stops', async () => {
  const address = await start();
  for (let count = 0; count < 205; count += 1) await step(address, count % 2 === 0 ? 'fork' : 'gate');
  expect((await slides(address))?.length).toBe(200);
  await end(address);
});

test('it is no share of the deck, and ends with all sharing', async () => {
  const address = await start(true);
  const { body } = await odile.ask<SharesView>('DELETE', '/api/decks/night-walk/shares');
  expect(body).toEqual({ link: null, show: null });
  expect((await look(address)).status).toBe(410);
});

test('what one process says is heard by those who follow at another', async () => {
  const second = await TestServer.start({ databaseUrl: server.databaseUrl });
  try {
    const address = await start();
    const listener = await Listener.to(second, address);
    await until(async () => {
      await step(address, listener.events('step').length % 2 === 0 ? 'fork' : 'gate');
      return listener.events('step').length > 0;
    });
    listener.leave();
    await end(address);
  } finally {
    await second.stop();
  }
});
