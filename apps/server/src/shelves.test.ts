/** How a library is kept in order: units, the archive, and what is found by the words on slides. */
import type { DeckSummary, FoundDeck, UnitView } from '@gobrel/contract';
import { TestServer, type Visitor } from './testing/test-server.js';

describe('the order of a library', () => {
  let server: TestServer;
  let odile: Visitor;
  let nadia: Visitor;
  beforeAll(async () => {
    server = await TestServer.startWithSample();
    odile = await server.odile();
    nadia = await server.teacher();
  });
  afterAll(() => server.stop());

  const list = async (who: Visitor) => (await who.ask<DeckSummary[]>('GET', '/api/decks')).body;
  const deckOf = async (who: Visitor, id: string) => (await list(who)).find((deck) => deck.id === id);
  const make = async (who: Visitor, name: string) => (await who.ask<UnitView>('POST', '/api/units', { name })).body;
  const shelve = async (who: Visitor, body: object) => (await who.ask('POST', '/api/decks/shelve', body)).status;

  test('decks are put into units, into the archive and back; what is not said stays', async () => {
    const unit = await make(odile, '  Night on the saltmarsh ');
    expect(unit.name).toBe('Night on the saltmarsh');
    expect((await odile.ask('GET', '/api/units')).body).toContainEqual(unit);
    const deckIds = ['night-walk', 'shore-zones'];
    expect(await shelve(odile, { deckIds, unitId: unit.id })).toBe(204);
    expect(await shelve(odile, { deckIds: ['night-walk'], archived: true })).toBe(204);
    const walk = await deckOf(odile, 'night-walk');
    expect(walk).toMatchObject({ unitId: unit.id, archivedAt: expect.any(String) as string });
    // Archived once more it has been there as long as before.
    expect(await shelve(odile, { deckIds: ['night-walk'], archived: true })).toBe(204);
    expect((await deckOf(odile, 'night-walk'))?.archivedAt).toBe(walk?.archivedAt);
    expect(await shelve(odile, { deckIds: ['night-walk'], unitId: null, archived: false })).toBe(204);
    expect(await deckOf(odile, 'night-walk')).toMatchObject({ unitId: null, archivedAt: null });
    expect(await deckOf(odile, 'shore-zones')).toMatchObject({ unitId: unit.id, archivedAt: null });
  });

  test('all of several decks are put somewhere, or none of them', async () => {
    const unit = await make(odile, 'Tides');
    expect(await shelve(odile, { deckIds: ['night-walk', 'somebody-elses'], unitId: unit.id })).toBe(404);
    expect((await deckOf(odile, 'night-walk'))?.unitId).toBeNull();
    expect(await shelve(odile, { deckIds: ['night-walk'], unitId: 'no-such-unit' })).toBe(404);
    expect(await shelve(odile, { deckIds: 'night-walk' })).toBe(422);
    expect(await shelve(odile, { deckIds: ['night-walk'], archived: null })).toBe(422);
  });

  test('a deck that is shared is kept by each where they like, and both see that it is', async () => {
    const { body } = await nadia.ask<{ teacher: { email: string } }>('GET', '/api/session');
    await odile.ask('POST', '/api/decks/exit-questions/authors', { email: body.teacher.email });
    const unit = await make(nadia, 'From Odile');
    expect(await shelve(nadia, { deckIds: ['exit-questions'], unitId: unit.id, archived: true })).toBe(204);
    expect(await deckOf(nadia, 'exit-questions')).toMatchObject({ unitId: unit.id, sharedBy: 'Odile Farrow' });
    expect(await deckOf(odile, 'exit-questions')).toMatchObject({ unitId: null, archivedAt: null, sharedWith: 1 });
    // Nobody puts a deck into somebody else’s unit.
    expect(await shelve(odile, { deckIds: ['exit-questions'], unitId: unit.id })).toBe(404);
    expect((await odile.ask('PATCH', `/api/units/${unit.id}`, { name: 'Mine' })).status).toBe(404);
    expect((await odile.ask('DELETE', `/api/units/${unit.id}`)).status).toBe(404);
  });

  test('a unit is named otherwise, and when it is deleted its decks stay', async () => {
    const unit = await make(odile, 'Markt');
    await shelve(odile, { deckIds: ['species-cards'], unitId: unit.id });
    await odile.ask('PATCH', `/api/units/${unit.id}`, { name: 'Market day' });
    expect((await odile.ask('GET', '/api/units')).body).toContainEqual({ id: unit.id, name: 'Market day' });
    expect((await odile.ask('PATCH', `/api/units/${unit.id}`, { name: ' ' })).status).toBe(422);
    expect((await odile.ask('DELETE', `/api/units/${unit.id}`)).status).toBe(204);
    expect(await deckOf(odile, 'species-cards')).toMatchObject({ unitId: null });
  });

  test('decks are found by the words on their slides, one’s own only', async () => {
    const find = async (who: Visitor, words: string) =>
      (await who.ask<FoundDeck[]>('GET', `/api/decks/find?words=${encodeURIComponent(words)}`)).body;
    const found = await find(odile, 'LANTERN warning');
    expect(found.map(({ id }) => id)).toContain('night-walk');
    expect(found[0]?.slides[0]).toMatchObject({ slideId: 'gate', name: 'Dusk at the gate' });
    expect(await find(odile, 'zeppelin')).toEqual([]);
    const stranger = await server.teacher();
    expect(await find(stranger, 'lantern')).toEqual([]);
    expect((await odile.ask('GET', '/api/decks/find')).status).toBe(422);
  });

  test('whoever has no deck yet gets one to look around in, with its pictures', async () => {
    const stranger = await server.teacher();
    const { status, body } = await stranger.ask<DeckSummary>('POST', '/api/decks/sample');
    expect(status).toBe(201);
    const [picture] = Object.values(body.cover.items).flatMap((item) =>
      item.kind === 'picture' ? [item.picture] : [],
    );
    expect((await stranger.ask('GET', `/api/pictures/${picture}`)).status).toBe(200);
    expect(await list(stranger)).toMatchObject([{ id: body.id, slideCount: 13, sharedWith: 0 }]);
  });
});
