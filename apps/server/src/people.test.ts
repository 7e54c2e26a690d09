/** People a deck is shared with: editors, viewers, for a time, and those who have no account yet. */
import type { AuthorView, DeckSummary, InvitationView, OutboxMail } from '@gobrel/contract';
import { DataSource } from 'typeorm';
import { AuthorsService } from './decks/authors.service.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

let server: TestServer;
let odile: Visitor;
beforeAll(async () => {
  server = await TestServer.startWithSample();
  odile = await server.odile();
});
afterAll(() => server.stop());

const HANDED = { deckId: 'night-walk', classId: null, workMode: 'copy-each', pace: 'own-pace' };
const AUTHORS = '/api/decks/night-walk/authors';
const emailOf = async (who: Visitor) =>
  (await who.ask<{ teacher: { email: string } }>('GET', '/api/session')).body.teacher.email;
const share = (email: string, terms: object = {}) => odile.ask<AuthorView[]>('POST', AUTHORS, { email, ...terms });
const named = (list: readonly AuthorView[], email: string) => list.find((each) => each.email === email);
const outbox = async () => (await server.visitor().ask<OutboxMail[]>('GET', '/api/outbox')).body;
const mailTo = async (email: string) => (await outbox()).find(({ to }) => to === email);
const tokenIn = (mail: OutboxMail | undefined) => /\/invited\/([\w-]+)/.exec(mail?.text ?? '')?.[1] ?? '';
const later = (ms: number) => new Date(Date.now() + ms).toISOString();

/** A colleague with whom the night walk is shared. */
async function colleague(terms: object) {
  const who = await server.teacher();
  const email = await emailOf(who);
  const { body } = await share(email, terms);
  return { who, email, id: named(body, email)?.id ?? '' };
}

test('a viewer looks and makes a copy, and changes nothing', async () => {
  const { who, email } = await colleague({ may: 'view' });
  expect((await mailTo(email))?.text).toContain('/decks/night-walk');
  const { body } = await who.ask<DeckSummary>('GET', '/api/decks/night-walk');
  expect(body).toMatchObject({ may: 'view', sharedBy: 'Odile Farrow' });
  expect((await who.ask<DeckSummary[]>('GET', '/api/decks')).body.map(({ id }) => id)).toContain('night-walk');
  expect((await who.ask('PATCH', '/api/decks/night-walk', { title: 'Mine' })).status).toBe(403);
  expect((await who.ask('GET', AUTHORS)).status).toBe(404);
  expect((await who.ask('POST', '/api/lessons', HANDED)).status).toBe(403);
  const copy = await who.ask<DeckSummary>('POST', '/api/decks/night-walk/copy', {});
  expect(copy.body.copiedFrom).toMatchObject({ by: 'Odile Farrow' });
  const opened = await who.open('deck:night-walk', 'teacher').settled();
  expect(opened.refused).toBe(false);
  const before = (await odile.ask<DeckSummary>('GET', '/api/decks/night-walk')).body.title;
  opened.doc.getMap('deck').set('title', 'Changed by a viewer');
  await new Promise((resolve) => setTimeout(resolve, 300));
  opened.leave();
  expect((await odile.ask<DeckSummary>('GET', '/api/decks/night-walk')).body.title).toBe(before);
});

test('an editor becomes a viewer while they have it open, and is let out as well', async () => {
  const { who, email, id } = await colleague({});
  const opened = await who.open('deck:night-walk', 'teacher').settled();
  const changed = await odile.ask<AuthorView[]>('PATCH', `${AUTHORS}/${id}`, { may: 'view' });
  expect(named(changed.body, email)).toMatchObject({ may: 'view', until: null });
  await until(() => opened.closed);
  opened.leave();
  expect((await who.ask<DeckSummary>('GET', '/api/decks/night-walk')).body.may).toBe('view');
  expect((await who.ask('DELETE', `${AUTHORS}/${id}`)).status).toBe(204);
  expect((await who.ask('GET', '/api/decks/night-walk')).status).toBe(404);
});

test('what somebody may do ends when it was said to, also for those who have it open', async () => {
  const { who, id } = await colleague({ until: later(3_600_000) });
  const opened = await who.open('deck:night-walk', 'teacher').settled();
  expect(opened.refused).toBe(false);
  await server.app
    .get(DataSource)
    .query(`UPDATE deck_author SET until = now() - interval '1 s' WHERE teacher_id = $1`, [id]);
  expect((await who.ask('GET', '/api/decks/night-walk')).status).toBe(404);
  expect((await who.ask<DeckSummary[]>('GET', '/api/decks')).body).toEqual([]);
  await server.app.get(AuthorsService).endDue();
  await until(() => opened.closed);
  opened.leave();
  expect((await odile.ask<AuthorView[]>('GET', AUTHORS)).body.map((each) => each.id)).not.toContain(id);
});

test('whoever has no account is asked by mail, and comes by its link, once', async () => {
  const email = 'R.Sedge@fenhouse.example';
  const { status, body } = await share(email, { may: 'view' });
  expect(status).toBe(201);
  expect(named(body, 'r.sedge@fenhouse.example')).toMatchObject({ name: '', may: 'view', isOwner: false });
  const mail = await mailTo('r.sedge@fenhouse.example');
  expect(mail?.subject).toContain('Odile Farrow');
  const token = tokenIn(mail);
  const look = await server.visitor().ask<InvitationView>('GET', `/api/invitations/${token}`);
  expect(look.body).toEqual({ title: expect.stringContaining('ight'), by: 'Odile Farrow', may: 'view' });
  const [first, second] = [await server.teacher('Rowan Sedge'), await server.teacher('Ilse Wrack')];
  const answers = await Promise.all([first, second].map((who) => who.ask('POST', `/api/invitations/${token}/accept`)));
  expect(answers.map((answer) => answer.status).sort()).toEqual([200, 410]);
  const came = answers[0]?.status === 200 ? first : second;
  expect((await came.ask<DeckSummary>('GET', '/api/decks/night-walk')).body.may).toBe('view');
  expect(named((await odile.ask<AuthorView[]>('GET', AUTHORS)).body, 'r.sedge@fenhouse.example')).toBeUndefined();
  expect((await server.visitor().ask('GET', `/api/invitations/${token}`)).status).toBe(410);
});

test('asking twice sends another link; whoever was asked may be let out before they come', async () => {
  const email = 'm.teal@fenhouse.example';
  await share(email);
  const first = tokenIn(await mailTo(email));
  const { body } = await share(email);
  expect(body.filter((each) => each.email === email)).toHaveLength(1);
  expect((await server.visitor().ask('GET', `/api/invitations/${first}`)).status).toBe(410);
  const second = tokenIn(await mailTo(email));
  const { id = '' } = named(body, email) ?? {};
  await odile.ask('PATCH', `${AUTHORS}/${id}`, { until: later(3_600_000) });
  expect((await server.visitor().ask('GET', `/api/invitations/${second}`)).status).toBe(200);
  await odile.ask('DELETE', `${AUTHORS}/${id}`);
  expect((await server.visitor().ask('GET', `/api/invitations/${second}`)).status).toBe(410);
});

test('terms that are none are refused in words, and others set nothing', async () => {
  expect((await share('not an address')).status).toBe(422);
  expect((await share('x@y.example', { may: 'own' })).status).toBe(422);
  expect((await share('x@y.example', { until: 'soon' })).status).toBe(422);
  const { who, id } = await colleague({ may: 'edit' });
  expect((await who.ask('PATCH', `${AUTHORS}/${id}`, { until: null })).status).toBe(404);
  expect((await who.ask('POST', AUTHORS, { email: 'z@y.example' })).status).toBe(404);
});
