import type { KeptTemplateView, SceneViews } from '@gobrel/contract';
import { addItem, addSlide, applyChanges, type Deck, emptyDeck, picturesIn } from '@gobrel/core/deck';
import { scenes } from '@gobrel/core/scenes';
import { DataSource } from 'typeorm';
import { ClearingOutService } from './care/clearing-out.service.js';
import { TestServer, type Visitor } from './testing/test-server.js';

describe('templates of one’s own', () => {
  let server: TestServer;
  let odile: Visitor;
  let nadia: Visitor;
  beforeAll(async () => {
    server = await TestServer.startWithSample();
    odile = await server.odile();
    nadia = await server.teacher();
  });
  afterAll(() => server.stop());

  const list = async (who: Visitor) => (await who.ask<KeptTemplateView[]>('GET', '/api/templates')).body;
  const emailOf = async (who: Visitor) =>
    (await who.ask<{ teacher: { email: string } }>('GET', '/api/session')).body.teacher.email;
  const withPicture = (picture: string) => {
    const begun = applyChanges(emptyDeck('Owl'), addSlide(emptyDeck('Owl'), { id: 's', name: 'Owl' }));
    return applyChanges(begun, addItem(begun, { id: 'p', slideId: 's', kind: 'picture', fields: { picture } }));
  };
  const keep = (who: Visitor, deck: object) =>
    who.ask<KeptTemplateView[]>('POST', '/api/templates', {
      name: 'Owl',
      moment: 'finding-out',
      does: ['point'],
      deck,
    });
  const someOf = async (who: Visitor) => {
    const { body } = await who.ask<Deck>('GET', '/api/lessons/watch-lesson/edition');
    return picturesIn(body)[0] ?? '';
  };

  test('are kept with their name, shared with a colleague and found there with their pictures', async () => {
    const picture = await someOf(odile);
    const { status, body } = await keep(odile, withPicture(picture));
    expect(status).toBe(201);
    const id = body[0]?.id ?? '';
    expect(body[0]).toMatchObject({ name: 'Owl', moment: 'finding-out', does: ['point'], by: null, sharedWith: [] });
    expect(await list(nadia)).toEqual([]);
    expect((await nadia.ask('GET', `/api/pictures/${picture}`)).status).toBe(404);
    await odile.ask('POST', `/api/templates/${id}/shares`, { email: (await emailOf(nadia)).toUpperCase() });
    expect(await list(nadia)).toMatchObject([{ id, by: 'Odile Farrow', sharedWith: [] }]);
    expect((await list(odile))[0]?.sharedWith).toHaveLength(1);
    expect((await nadia.ask('GET', `/api/pictures/${picture}`)).status).toBe(200);
    expect((await nadia.ask('POST', `/api/templates/${id}/shares`, { email: 'x@y.example' })).status).toBe(404);
    await odile.ask('DELETE', `/api/templates/${id}/shares/${(await list(odile))[0]?.sharedWith[0]?.id ?? ''}`);
    expect(await list(nadia)).toEqual([]);
    expect((await nadia.ask('DELETE', `/api/templates/${id}`)).status).toBe(404);
    expect((await odile.ask('DELETE', `/api/templates/${id}`)).status).toBe(204);
    expect(await list(odile)).toEqual([]);
  });

  test('an unknown address is said in words; somebody else’s pictures are taken out', async () => {
    const picture = await someOf(odile);
    const stranger = await server.teacher();
    const { body } = await keep(stranger, withPicture(picture));
    expect(body[0]?.deck).toMatchObject({ slides: { s: { name: 'Owl' } }, items: {} });
    const shared = await stranger.ask('POST', `/api/templates/${body[0]?.id}/shares`, { email: 'nobody@x.example' });
    expect(shared).toMatchObject({ status: 404, body: { code: 'no-such-account' } });
  });

  test('what is no slide, or too many, is refused', async () => {
    expect((await keep(odile, { slides: 'x' })).status).toBe(422);
    let deck = emptyDeck('many');
    for (let at = 0; at < 41; at += 1) deck = applyChanges(deck, addSlide(deck, { id: `s${at}`, name: 'S' }));
    expect((await keep(odile, deck)).status).toBe(422);
  });
});

describe('the pictures of templates that come along', () => {
  let server: TestServer;
  beforeAll(async () => {
    server = await TestServer.startWithSample();
  });
  afterAll(() => server.stop());

  test('are stored once, seen by every teacher and by no stranger, and stay though no deck has them', async () => {
    const odile = await server.odile();
    const [one, other] = await Promise.all([
      odile.ask<SceneViews>('GET', '/api/templates/scenes'),
      (await server.teacher()).ask<SceneViews>('GET', '/api/templates/scenes'),
    ]);
    expect(Object.keys(one.body)).toEqual(Object.keys(scenes));
    expect(other.body).toEqual(one.body);
    const { id = '', width, height } = one.body['heron'] ?? {};
    expect({ width, height }).toEqual({ width: 1280, height: 1040 });
    await server.app.get(ClearingOutService).clearOut();
    expect((await odile.ask('GET', `/api/pictures/${id}`)).status).toBe(200);
    expect((await server.visitor().ask('GET', `/api/pictures/${id}`)).status).toBe(401);
    const noted = await server.app.get(DataSource).query('SELECT 1 FROM unused_content WHERE content_id = $1', [id]);
    expect(noted).toEqual([]);
  });

  test('can be kept in a deck of one’s own', async () => {
    const nadia = await server.teacher();
    const { body } = await nadia.ask<SceneViews>('GET', '/api/templates/scenes');
    const ids = Object.values(body).map(({ id }) => id);
    expect((await nadia.ask('POST', '/api/pictures/kept', { ids })).body).toEqual({ refused: [] });
  });
});
