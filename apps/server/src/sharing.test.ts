/** Decks shared by an address: looked at without an account, embedded, copied, and taken back at once. */
import { embedCode, type DeckSummary, type LookerChecks, type SharesView, type ShownDeck } from '@gobrel/contract';
import { contentsIn, type Deck, picturesIn, readDeck } from '@gobrel/core/deck';
import { emptyWork } from '@gobrel/core/work';
import { DataSource } from 'typeorm';
import { Listener } from './testing/listener.js';
import { storedJson } from './testing/stored-document.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

let server: TestServer;
let odile: Visitor;
let nadia: Visitor;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  odile = await server.odile();
  nadia = await server.teacher();
});
afterAll(() => server.stop());

const set = async (kind: 'link' | 'show', terms: object = {}, deckId = 'night-walk') =>
  (await odile.ask<SharesView>('PUT', `/api/decks/${deckId}/shares/${kind}`, terms)).body;
const end = (kind = '', deckId = 'night-walk') => odile.ask<SharesView>('DELETE', `/api/decks/${deckId}/shares${kind}`);
const addressOf = (shares: SharesView, kind: 'link' | 'show') => shares[kind]?.address ?? '';
const published = async (terms: object = {}, deckId = 'night-walk') =>
  addressOf(await set('show', terms, deckId), 'show');
const look = (address: string, pass = '', who = server.visitor()) =>
  who.ask<ShownDeck & { code: string }>('GET', `/api/shows/${address}?pass=${pass}`);
const rename = (title: string, deckId = 'night-walk') => odile.ask('PATCH', `/api/decks/${deckId}`, { title });

afterEach(async () => {
  for (const deckId of ['night-walk', 'shore-zones', 'exit-questions']) {
    await odile.ask('PUT', `/api/decks/${deckId}/shares/show`, {
      passcode: null,
      until: null,
      newest: true,
      listed: false,
    });
    await odile.ask('PUT', `/api/decks/${deckId}/shares/link`, { passcode: null, until: null, may: 'view' });
    await end('', deckId);
  }
});

describe('a published show', () => {
  test('is looked at by anybody who has its address, without keys, notes and what is hidden', async () => {
    const address = await published({}, 'exit-questions');
    expect(address).toMatch(/^[\w-]{16}$/);
    const { status, body } = await look(address);
    expect(status).toBe(200);
    expect(body).toMatchObject({ kind: 'show', may: 'view', until: null });
    const { deck } = readDeck(body.deck);
    expect(Object.keys(deck.slides).length).toBeGreaterThan(1);
    expect(Object.values(deck.slides).every(({ notes }) => notes === '')).toBe(true);
    const whole = await stored('exit-questions');
    const asked = choiceOf(whole).id;
    expect(deck.items[asked]).toMatchObject({ right: [] });
  });

  test('is at an address that others do not guess', async () => {
    expect((await look('aaaaaaaaaaaaaaaa')).status).toBe(404);
    expect((await look('night-walk')).status).toBe(404);
  });

  test('gives the pictures and files that are in it, and no others', async () => {
    const address = await published();
    const { body } = await look(address);
    const [picture = ''] = picturesIn(readDeck(body.deck).deck);
    const ask = (id: string) => server.visitor().ask('GET', `/api/shows/${address}/pictures/${id}`);
    expect((await ask(picture)).status).toBe(200);
    const others = contentsIn(await stored('shore-zones')).filter((id) => !JSON.stringify(body).includes(id));
    expect(others.length).toBeGreaterThan(0);
    for (const id of others) expect((await ask(id)).status).toBe(404);
    expect((await server.visitor().ask('GET', `/api/pictures/${picture}`)).status).toBe(401);
  });

  test('follows its deck, or stays as it was published until it is published anew', async () => {
    const before = (await look(await published())).body.deck.title;
    try {
      const address = await published({ newest: false });
      await rename('Night walk, second draft');
      expect((await look(address)).body.deck.title).toBe(before);
      await published({ anew: true });
      expect((await look(address)).body.deck.title).toBe('Night walk, second draft');
      await published({ newest: true });
      await rename('Night walk, third draft');
      await until(async () => (await look(address)).body.deck.title === 'Night walk, third draft');
    } finally {
      await rename(before);
    }
  });

  test('is taken back at once: its pictures too, and whoever is looking is told to look again', async () => {
    const address = await published();
    const [picture = ''] = picturesIn((await look(address)).body.deck);
    const news = await Listener.to(server, address);
    await end('/show');
    await until(() => news.events('again').length > 0);
    news.leave();
    const ended = await look(address);
    expect(ended).toMatchObject({ status: 410, body: { code: 'share-ended' } });
    // Browsers would believe it for good.
    expect(ended.headers.get('cache-control')).toBe('no-store');
    expect((await server.visitor().ask('GET', `/api/shows/${address}/pictures/${picture}`)).status).toBe(410);
    expect(await published()).toBe(address);
    expect((await look(address)).status).toBe(200);
  });

  test('ends when it was said to, and when its deck is deleted', async () => {
    const address = await published({ until: new Date(Date.now() + 3_600_000).toISOString() });
    expect((await look(address)).status).toBe(200);
    await set('show', { until: new Date(Date.now() - 1000).toISOString() });
    expect((await look(address)).status).toBe(410);
    await set('show', { until: null });
    const { body } = await odile.ask<DeckSummary>('POST', '/api/decks/night-walk/copy', {});
    const ofCopy = await published({}, body.id);
    expect((await look(ofCopy)).status).toBe(200);
    await odile.ask('DELETE', `/api/decks/${body.id}`);
    expect((await look(ofCopy)).status).toBe(410);
    await odile.ask('POST', `/api/decks/${body.id}/restore`);
    expect((await look(ofCopy)).status).toBe(200);
  });

  test('gets another address where its owner wants one: the old one leads nowhere, what was counted stays', async () => {
    const address = await published();
    await server.visitor().ask('POST', `/api/shows/${address}/looks`);
    const shares = await set('show', { readdress: true });
    expect(addressOf(shares, 'show')).not.toBe(address);
    expect(shares.show?.looks[0]?.count).toBeGreaterThan(0);
    expect((await look(address)).status).toBe(404);
  });

  test('opens by its passcode only, and another passcode is said anew', async () => {
    const address = await published({ passcode: 'heron tide' });
    expect(await look(address)).toMatchObject({ status: 401, body: { code: 'passcode-needed' } });
    const say = (passcode: string, from = server.visitor()) =>
      from.ask<{ pass: string; code: string }>('POST', `/api/shows/${address}/pass`, { passcode });
    expect(await say('heron tied')).toMatchObject({ status: 401, body: { code: 'passcode-wrong' } });
    const { pass } = (await say('heron tide')).body;
    const { status, body } = await look(address, pass);
    expect(status).toBe(200);
    const [picture = ''] = picturesIn(body.deck);
    expect((await server.visitor().ask('GET', `/api/shows/${address}/pictures/${picture}`)).status).toBe(401);
    expect((await server.visitor().ask('GET', `/api/shows/${address}/pictures/${picture}?pass=${pass}`)).status).toBe(
      200,
    );
    await set('show', { passcode: 'another tide' });
    expect((await look(address, pass)).status).toBe(401);
    expect((await odile.ask('PUT', '/api/decks/night-walk/shares/show', { passcode: 'short' })).status).toBe(422);
  });

  test('pauses whoever guesses its passcode', async () => {
    const address = await published({ passcode: 'heron tide' }, 'shore-zones');
    const say = () => server.visitor().ask('POST', `/api/shows/${address}/pass`, { passcode: 'tide heron' });
    const tries = [];
    for (let count = 0; count < 7; count += 1) tries.push((await say()).status);
    expect(tries).toEqual([401, 401, 401, 401, 401, 429, 429]);
  });

  test('keeps nothing of who looks but a count a day', async () => {
    const address = await published({}, 'shore-zones');
    for (let count = 0; count < 3; count += 1)
      expect((await server.visitor().ask('POST', `/api/shows/${address}/looks`)).status).toBe(204);
    const { body } = await odile.ask<SharesView>('GET', '/api/decks/shore-zones/shares');
    expect(body.show?.looks).toEqual([{ day: expect.stringMatching(/^\d{4}-\d\d-\d\d$/), count: 3 }]);
  });

  test('checks answers by its keys, tells what may be told, and keeps none', async () => {
    const address = await published({}, 'exit-questions');
    const deck = await stored('exit-questions');
    const asked = choiceOf(deck);
    const check = async (picked: readonly string[], tries = 0) =>
      (
        await server.visitor().ask<LookerChecks>('POST', `/api/shows/${address}/checks`, {
          work: { ...emptyWork, answers: { [asked.id]: { kind: 'choice', picked } } },
          itemIds: [asked.id, 'nothing-there'],
          tries: { [asked.id]: tries },
        })
      ).body;
    const right = asked.choices.filter(({ id }) => asked.right.includes(id)).map(({ id }) => id);
    const wrong = asked.choices.filter(({ id }) => !asked.right.includes(id)).map(({ id }) => id);
    expect((await check(right))[asked.id]?.right).toBe(true);
    expect((await check(wrong.slice(0, 1)))[asked.id]?.right).toBe(false);
    expect(Object.keys(await check(right))).toEqual([asked.id]);
    const odd = { work: { answers: { [asked.id]: 7 } }, itemIds: [asked.id], tries: { [asked.id]: 'no' } };
    const answer = await server.visitor().ask('POST', `/api/shows/${address}/checks`, odd);
    expect(answer).toMatchObject({ status: 200, body: { [asked.id]: { right: false } } });
  });
});

describe('a link', () => {
  test('lets those who have it look; a copy and editing only where it says so, with an account', async () => {
    const address = addressOf(await set('link'), 'link');
    expect((await look(address)).body).toMatchObject({ kind: 'link', may: 'view' });
    const ask = (what: 'copy' | 'join', who = nadia) =>
      who.ask<{ deckId: string }>('POST', `/api/shows/${address}/${what}`);
    expect((await ask('copy')).status).toBe(403);
    await set('link', { may: 'copy' });
    expect((await ask('copy', server.visitor())).status).toBe(401);
    expect((await ask('join')).status).toBe(403);
    const { body } = await ask('copy');
    const copy = await nadia.ask<DeckSummary>('GET', `/api/decks/${body.deckId}`);
    expect(copy.body.copiedFrom).toEqual({ title: copy.body.title, by: 'Odile Farrow' });
    const [picture = ''] = picturesIn((await look(address)).body.deck);
    expect((await nadia.ask('GET', `/api/pictures/${picture}`)).status).toBe(200);
    await set('link', { may: 'edit' });
    expect((await ask('join')).body).toEqual({ deckId: 'night-walk' });
    expect((await nadia.ask('GET', '/api/decks/night-walk')).status).toBe(200);
    expect((await ask('join', odile)).body).toEqual({ deckId: 'night-walk' });
  });

  test('a copy of a copy keeps whose the first one was; one’s own copies are nobody else’s', async () => {
    const address = addressOf(await set('link', { may: 'copy' }), 'link');
    const first = (await nadia.ask<{ deckId: string }>('POST', `/api/shows/${address}/copy`)).body.deckId;
    const second = await nadia.ask<DeckSummary>('POST', `/api/decks/${first}/copy`, { title: 'Mine' });
    expect(second.body.copiedFrom).toMatchObject({ by: 'Odile Farrow' });
    const own = await odile.ask<DeckSummary>('POST', '/api/decks/night-walk/copy', {});
    expect(own.body.copiedFrom).toBeNull();
    await odile.ask('DELETE', `/api/decks/${own.body.id}`);
  });

  test('is one’s own to set: others hear of no such deck, and may set nothing of a kind there is not', async () => {
    const other = await server.teacher('Tobin Marsh');
    expect((await other.ask('GET', '/api/decks/shore-zones/shares')).status).toBe(404);
    expect((await other.ask('PUT', '/api/decks/shore-zones/shares/link', {})).status).toBe(404);
    expect((await other.ask('DELETE', '/api/decks/shore-zones/shares')).status).toBe(404);
    expect((await odile.ask('PUT', '/api/decks/shore-zones/shares/school', {})).status).toBe(404);
    expect((await odile.ask('PUT', '/api/decks/shore-zones/shares/link', { may: 'all' })).status).toBe(422);
    expect((await odile.ask('PUT', '/api/decks/shore-zones/shares/link', { until: 'soon' })).status).toBe(422);
  });

  test('turned on twice at once is one', async () => {
    const answers = await Promise.all([set('link', {}, 'shore-zones'), set('link', {}, 'shore-zones')]);
    expect(new Set(answers.map((each) => addressOf(each, 'link'))).size).toBe(1);
  });

  test('everything that is shared ends by one request, and everybody is let out', async () => {
    const colleague = await server.teacher('Ilse Wrack');
    const edited = addressOf(await set('link', { may: 'edit' }, 'shore-zones'), 'link');
    await colleague.ask('POST', `/api/shows/${edited}/join`);
    expect((await colleague.ask('GET', '/api/decks/shore-zones')).status).toBe(200);
    await end('', 'shore-zones');
    expect((await colleague.ask('GET', '/api/decks/shore-zones')).status).toBe(404);
    const shares = [addressOf(await set('link'), 'link'), addressOf(await set('show'), 'show')];
    expect((await end()).body).toEqual({ link: null, show: null });
    for (const address of shares) expect((await look(address)).status).toBe(410);
  });
});

describe('embedding', () => {
  const site = () => server.address;
  const page = async (path: string) => (await fetch(`${site()}${path}`, { headers: { accept: 'text/html' } })).headers;

  test('only its own address may be in a frame; search engines stay away unless they may come', async () => {
    const address = await published();
    expect((await page(`/embed/${address}`)).get('content-security-policy')).toContain('frame-ancestors *');
    expect((await page(`/embed/${address}`)).get('x-frame-options')).toBeNull();
    for (const path of [`/show/${address}`, '/', '/sign-in', `/embed/${address}/more`, '/embed/x'])
      expect((await page(path)).get('content-security-policy')).toContain("frame-ancestors 'none'");
    expect((await page(`/show/${address}`)).get('x-robots-tag')).toContain('noindex');
    await set('show', { listed: true });
    expect((await page(`/show/${address}`)).get('x-robots-tag')).toBeNull();
    expect((await page(`/embed/${address}`)).get('x-robots-tag')).toContain('noindex');
  });

  test('is said to pages that know oEmbed, as large as they have room', async () => {
    const address = await published();
    const ask = (query: string) => server.visitor().ask<Record<string, unknown>>('GET', `/api/oembed?${query}`);
    const url = encodeURIComponent(`${site()}/show/${address}`);
    expect((await page(`/show/${address}`)).get('link')).toContain(`/api/oembed?format=json&url=${url}`);
    const { status, body } = await ask(`url=${url}`);
    expect(status).toBe(200);
    expect(body).toMatchObject({ version: '1.0', type: 'rich', width: 960, height: 600, provider_url: site() });
    const slide = { width: 16, height: 9 };
    const title = String(body['title']);
    expect(body['html']).toBe(embedCode({ site: site(), address, title, slide, width: 960 }));
    expect((await ask(`url=${url}&maxwidth=640`)).body).toMatchObject({ width: 640, height: 420 });
    const low = (await ask(`url=${url}&maxheight=300`)).body;
    expect(Number(low['height'])).toBeLessThanOrEqual(300);
    expect((await ask(`url=${url}&format=xml`)).status).toBe(501);
    expect((await ask(`url=${encodeURIComponent(`https://elsewhere.example/show/${address}`)}`)).status).toBe(404);
    expect((await ask('url=x&url=y')).status).toBe(404);
    const link = addressOf(await set('link'), 'link');
    expect((await ask(`url=${encodeURIComponent(`${site()}/show/${link}`)}`)).status).toBe(404);
  });
});

/** A deck as it is stored, with its keys. */
async function stored(deckId: string): Promise<Deck> {
  return readDeck(JSON.parse(await storedJson(server.app.get(DataSource), `deck:${deckId}`))).deck;
}

/** A choice of a deck that has a key. */
function choiceOf(deck: Deck) {
  for (const item of Object.values(deck.items)) if (item.kind === 'choice' && item.right.length > 0) return item;
  throw new Error('no choice with a key');
}
