import type { AuthorView, ShareView } from '@gobrel/contract';
import { nowShared } from './right-now';

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
const NOW = new Date('2026-03-02T10:00:00Z');
const now = (people: readonly AuthorView[], shares = {}) =>
  nowShared(people, { link: null, show: null, ...shares }, NOW);

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
