/** Schools: colleagues, teams, and decks that are shared with them all at once. */
import type { AudiencesView, DeckSummary, OfferedDeck, OutboxMail, OwnSchool } from '@gobrel/contract';
import { addSlideFrom, newId } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges } from '@gobrel/core/shared-doc';
import { DataSource } from 'typeorm';
import { AuthorsService } from './decks/index.js';
import { TestServer, until, type Visitor } from './testing/test-server.js';

let server: TestServer;
let database: DataSource;
beforeAll(async () => {
  server = await TestServer.start();
  database = await new DataSource({ type: 'postgres', url: server.databaseUrl }).initialize();
});
afterAll(async () => {
  await database.destroy();
  await server.stop();
});

const schoolOf = async (who: Visitor) => (await who.ask<OwnSchool>('GET', '/api/school')).body.school;
const idOf = async (who: Visitor) => (await schoolOf(who))?.me ?? '';
const libraryOf = async (who: Visitor) => (await who.ask<DeckSummary[]>('GET', '/api/decks')).body.map(({ id }) => id);
const shelfOf = async (who: Visitor) => (await who.ask<OfferedDeck[]>('GET', '/api/school/shelf')).body;
const mayOpen = async (who: Visitor, id: string) => (await who.ask('GET', `/api/decks/${id}`)).status === 200;

/** The token of the last mail to somebody. */
async function tokenFor(email: string): Promise<string> {
  const { body } = await server.visitor().ask<OutboxMail[]>('GET', '/api/outbox');
  const mail = body.find(({ to }) => to === email);
  return /school\/invited\/([\w-]+)/.exec(mail?.text ?? '')?.[1] ?? '';
}

/** A teacher with a school, and colleagues in it. */
async function school(count: number): Promise<readonly [Visitor, ...Visitor[]]> {
  const head = await server.teacher('Nadia Quill');
  await head.ask('POST', '/api/school', { name: 'Marram Bay School' });
  const colleagues: Visitor[] = [];
  for (let at = 0; at < count; at += 1) {
    const email = `${newId()}@marrambay.example`;
    await head.ask('POST', '/api/school/invitations', { email });
    const colleague = await server.teacher(`Colleague ${at}`, email);
    const accepted = await colleague.ask('POST', `/api/school/invitations/${await tokenFor(email)}/accept`);
    if (accepted.status !== 200) throw new Error(`not let in: ${accepted.status}`);
    colleagues.push(colleague);
  }
  return [head, ...colleagues];
}

async function deckOf(who: Visitor, title: string): Promise<string> {
  return (await who.ask<DeckSummary>('POST', '/api/decks', { title })).body.id;
}

test('a colleague comes by the mail’s link, once, and into one school only', async () => {
  const [head] = await school(0);
  const email = 'tamsin@marrambay.example';
  const asked = await head.ask<OwnSchool>('POST', '/api/school/invitations', { email: 'Tamsin@marrambay.example' });
  expect(asked.body.school?.invited).toEqual([expect.objectContaining({ email })]);
  const token = await tokenFor(email);
  expect((await server.visitor().ask('GET', `/api/school/invitations/${token}`)).body).toEqual({
    school: 'Marram Bay School',
    by: 'Nadia Quill',
  });
  expect((await server.visitor().ask('POST', `/api/school/invitations/${token}/accept`)).status).toBe(401);
  const elsewhere = await server.teacher();
  await elsewhere.ask('POST', '/api/school', { name: 'Heath School' });
  expect((await elsewhere.ask('POST', '/api/school', { name: 'Another' })).body).toMatchObject({ code: 'in-a-school' });
  expect((await elsewhere.ask('POST', `/api/school/invitations/${token}/accept`)).body).toMatchObject({
    code: 'in-a-school',
  });
  const tamsin = await server.teacher('Tamsin Reed');
  const { body } = await tamsin.ask<OwnSchool>('POST', `/api/school/invitations/${token}/accept`);
  expect(body.school?.colleagues.map(({ name, manages }) => [name, manages])).toEqual([
    ['Nadia Quill', true],
    ['Tamsin Reed', false],
  ]);
  expect(body.school?.invited).toEqual([]);
  const late = await server.teacher();
  expect((await late.ask('POST', `/api/school/invitations/${token}/accept`)).body).toMatchObject({
    code: 'link-is-used-up',
  });
  expect((await tamsin.ask('POST', '/api/school/invitations', { email: 'x@y.example' })).status).toBe(403);
});

test('an invitation that is taken back leads nowhere', async () => {
  const [head] = await school(0);
  await head.ask('POST', '/api/school/invitations', { email: 'lost@marrambay.example' });
  const token = await tokenFor('lost@marrambay.example');
  const id = (await schoolOf(head))?.invited[0]?.id ?? '';
  await head.ask('DELETE', `/api/school/invitations/${id}`);
  expect((await server.visitor().ask('GET', `/api/school/invitations/${token}`)).status).toBe(410);
});

test('a team has what is shared with it, and whoever is out of it has it no more, at once', async () => {
  const [head, bo, cy] = await school(2);
  const outside = await server.teacher();
  if (!bo || !cy) throw new Error('nobody came');
  const deck = await deckOf(head, 'Tides');
  const team = { name: 'Sciences', members: [await idOf(bo)] };
  const { body } = await head.ask<OwnSchool>('POST', '/api/school/teams', team);
  const teamId = body.school?.teams[0]?.id ?? '';
  expect(body.school?.teams[0]?.members).toHaveLength(2);
  const path = `/api/decks/${deck}/audiences/teams/${teamId}`;
  expect((await bo.ask('PUT', path, { may: 'edit' })).status).toBe(404);
  expect((await outside.ask('POST', '/api/school/teams', { name: 'X', members: [] })).body).toMatchObject({
    code: 'no-school',
  });
  const shared = await head.ask<AudiencesView>('PUT', path, { may: 'edit' });
  expect(shared.body).toMatchObject({ teams: [{ name: 'Sciences', members: 2, may: 'edit' }], otherTeams: [] });
  expect(await libraryOf(bo)).toContain(deck);
  expect(await mayOpen(cy, deck)).toBe(false);
  expect(await mayOpen(outside, deck)).toBe(false);
  const open = await bo.open(`deck:${deck}`, 'teacher').settled();
  writeChanges(open.doc, addSlideFrom(readDeckDocument(open.doc), 'title', { id: newId(), name: 'Spring tide' }));
  await open.sent();
  await head.ask('PATCH', `/api/school/teams/${teamId}`, { members: [await idOf(head), await idOf(cy)] });
  await until(() => open.closed);
  open.leave();
  expect([await mayOpen(bo, deck), await mayOpen(cy, deck)]).toEqual([false, true]);
  expect((await bo.ask('PATCH', `/api/school/teams/${teamId}`, { name: 'Mine' })).status).toBe(403);
  await head.ask('PUT', path, { until: new Date(Date.now() + 60_000).toISOString(), may: 'view' });
  await database.query(`UPDATE deck_team SET until = now() - interval '1 s' WHERE deck_id = $1`, [deck]);
  expect(await mayOpen(cy, deck)).toBe(false);
  await server.app.get(AuthorsService).endDue();
  expect((await head.ask<AudiencesView>('GET', `/api/decks/${deck}/audiences`)).body.teams).toEqual([]);
});

test('the shelf has what colleagues offer, is searched by what stands on the slides, and keeps to the school', async () => {
  const [head, bo] = await school(1);
  if (!bo) throw new Error('nobody came');
  const deck = await deckOf(head, 'Waders');
  const open = await head.open(`deck:${deck}`, 'teacher').settled();
  writeChanges(open.doc, addSlideFrom(readDeckDocument(open.doc), 'title', { id: newId(), name: 'The curlew’s bill' }));
  await open.sent();
  open.leave();
  const path = `/api/decks/${deck}/audiences/school`;
  const offer = { subject: ' Natural sciences ', ageFrom: 9, ageTo: 12 };
  expect((await head.ask('PUT', path, { ageFrom: 12, ageTo: 9 })).status).toBe(422);
  expect((await head.ask('PUT', path, { ageFrom: 1 })).status).toBe(422);
  const { body } = await head.ask<AudiencesView>('PUT', path, offer);
  expect(body.offer).toEqual({ may: 'view', until: null, subject: 'Natural sciences', ageFrom: 9, ageTo: 12 });
  expect(await shelfOf(bo)).toEqual([
    expect.objectContaining({ by: 'Nadia Quill', isMine: false, subject: 'Natural sciences', ageFrom: 9, ageTo: 12 }),
  ]);
  expect((await shelfOf(head))[0]).toMatchObject({ isMine: true, by: 'Nadia Quill', deck: { isOffered: true } });
  const find = async (who: Visitor, words: string) =>
    (await who.ask<string[]>('GET', `/api/school/shelf/find?words=${encodeURIComponent(words)}`)).body;
  expect(await find(bo, 'curlew')).toEqual([deck]);
  expect(await find(bo, 'tractor')).toEqual([]);
  const settings = [{ subject: 'Waders' }, { ageFrom: 8 }, { ageTo: 11 }, { may: 'edit' }];
  await Promise.all(settings.map((terms) => head.ask('PUT', path, terms)));
  const { body: settled } = await head.ask<AudiencesView>('GET', `/api/decks/${deck}/audiences`);
  // What is set at once is all set.
  expect(settled.offer).toEqual({ may: 'edit', until: null, subject: 'Waders', ageFrom: 8, ageTo: 11 });
  await head.ask('PUT', path, { may: 'view' });
  // On the shelf is enough: a library is not filled with what others have.
  expect(await libraryOf(bo)).toEqual([]);
  expect((await bo.ask<DeckSummary>('GET', `/api/decks/${deck}`)).body).toMatchObject({ may: 'view' });
  const copy = await bo.ask<DeckSummary>('POST', `/api/decks/${deck}/copy`);
  expect(copy.body).toMatchObject({ copiedFrom: { title: 'Waders', by: 'Nadia Quill' } });
  const looking = await bo.open(`deck:${deck}`, 'teacher').settled();
  expect(looking.provider.authorizedScope).toBe('readonly');
  // Whoever looks at it is not sent away by what is said of it, but by what they may do.
  await head.ask('PUT', path, { subject: 'Birds', ageTo: 13 });
  expect((await shelfOf(bo))[0]).toMatchObject({ subject: 'Birds', ageTo: 13 });
  expect(looking.closed).toBe(false);
  await head.ask('PUT', path, { may: 'edit' });
  await until(() => looking.closed);
  await head.ask('PUT', path, { may: 'view' });
  const [stranger] = await school(0);
  expect([await shelfOf(stranger), await find(stranger, 'curlew'), await mayOpen(stranger, deck)]).toEqual([
    [],
    [],
    false,
  ]);
  await head.ask('DELETE', `/api/decks/${deck}`);
  expect(await shelfOf(bo)).toEqual([]);
  await head.ask('POST', `/api/decks/${deck}/restore`);
  expect(await shelfOf(bo)).toHaveLength(1);
  const again = await bo.open(`deck:${deck}`, 'teacher').settled();
  await head.ask('DELETE', `/api/decks/${deck}/shares`);
  await until(() => again.closed);
  for (const one of [looking, again]) one.leave();
  expect([await shelfOf(bo), await mayOpen(bo, deck)]).toEqual([[], false]);
});

test('whoever leaves takes along what they shared; a school without a manager there is not, and an empty one goes', async () => {
  const [head, bo] = await school(1);
  if (!bo) throw new Error('nobody came');
  const mine = await idOf(head);
  const deck = await deckOf(bo, 'Lighthouses');
  await bo.ask('PUT', `/api/decks/${deck}/audiences/school`, {});
  expect(await shelfOf(head)).toHaveLength(1);
  expect((await head.ask('DELETE', `/api/school/colleagues/${mine}`)).body).toMatchObject({ code: 'last-manager' });
  expect((await head.ask('PATCH', `/api/school/colleagues/${mine}`, { manages: false })).body).toMatchObject({
    code: 'last-manager',
  });
  expect((await bo.ask('PATCH', `/api/school/colleagues/${mine}`, { manages: false })).status).toBe(403);
  expect((await bo.ask('DELETE', `/api/school/colleagues/${mine}`)).status).toBe(403);
  const his = await idOf(bo);
  const left = await bo.ask<OwnSchool>('DELETE', `/api/school/colleagues/${his}`);
  expect(left.body.school).toBeNull();
  expect(await shelfOf(head)).toEqual([]);
  expect(await libraryOf(bo)).toEqual([deck]);
  const { id } = (await schoolOf(head)) ?? {};
  await head.ask('DELETE', `/api/school/colleagues/${mine}`);
  expect(await database.query('SELECT 1 FROM school WHERE id = $1', [id])).toEqual([]);
});

test('when whoever managed a school deletes their account, somebody else manages it', async () => {
  const [head, bo] = await school(1);
  if (!bo) throw new Error('nobody came');
  const { email = '' } = (await schoolOf(head))?.colleagues.find(({ manages }) => manages) ?? {};
  const [other] = await school(0);
  await other.ask('POST', '/api/school/invitations', { email });
  expect((await head.ask('POST', '/api/accounts/leave', { present: 'ten letters and more' })).status).toBe(204);
  expect((await schoolOf(bo))?.colleagues).toEqual([expect.objectContaining({ name: 'Colleague 0', manages: true })]);
  // Nobody keeps the address of whoever has left, though they were asked elsewhere.
  expect(await database.query('SELECT 1 FROM school_invitation WHERE email = $1', [email])).toEqual([]);
});
