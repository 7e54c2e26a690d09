import type { AudiencesView, AuthorView, ShareView } from '@gobrel/contract';
import { isWithMany, nowShared } from './right-now';

const person = (fields: Partial<AuthorView>): AuthorView => ({
  id: 'x',
  name: 'Tobin Marsh',
  email: 'tobin@marrambay.example',
  isOwner: false,
  may: 'edit',
  until: null,
  ...fields,
});
const share = (fields: Partial<ShareView> = {}): ShareView => ({
  address: 'saltmarshAtNight',
  may: 'view',
  until: null,
  hasPasscode: false,
  newest: true,
  listed: false,
  publishedAt: '2026-03-01T10:00:00Z',
  looks: [],
  ...fields,
});
const owner = person({ id: 'o', name: 'Odile Farrow', isOwner: true });
const NO_AUDIENCES: AudiencesView = { school: 'Marram Bay School', offer: null, teams: [], otherTeams: [] };
const NOW = new Date('2026-03-02T10:00:00Z');
const now = (people: readonly AuthorView[], shares = {}, audiences: Partial<AudiencesView> = {}) =>
  nowShared(people, { link: null, show: null, ...shares }, { ...NO_AUDIENCES, ...audiences }, NOW);

test('a deck that nobody else has is private', () => {
  expect(now([owner])).toBe('Only you have this deck.');
});

test('everybody who has it is counted by what they can do; who was invited apart', () => {
  const people = [owner, person({ id: '1' }), person({ id: '2' }), person({ id: '3', may: 'view' })];
  expect(now([...people, person({ id: '4', name: '' })])).toBe(
    'Right now: 2 colleagues can edit, 1 colleague can view, 1 person is invited.',
  );
});

test('a link and a show say until when, and whether there is a passcode', () => {
  const until = '2026-03-31T12:00:00Z';
  expect(now([owner], { link: share({ may: 'copy', until }), show: share({ hasPasscode: true }) })).toBe(
    'Right now: anyone with the link can view and copy it until 31 March, the show is public with a passcode.',
  );
});

test('what is over is shared no more', () => {
  const until = '2026-03-02T09:59:00Z';
  expect(now([owner], { link: share({ until }), show: share({ until }) })).toBe('Only you have this deck.');
});

test('teams and the school are told as well', () => {
  const team = { id: 't', name: 'Year 6', members: 2, may: 'edit' as const, until: null };
  const offer = { may: 'view' as const, until: null, subject: '', ageFrom: 3, ageTo: 19 };
  expect(now([owner], {}, { teams: [team], offer })).toBe(
    'Right now: 1 team has it, your school can view and copy it.',
  );
  expect(isWithMany({ ...NO_AUDIENCES, offer })).toBe(true);
  expect(isWithMany(NO_AUDIENCES)).toBe(false);
});
