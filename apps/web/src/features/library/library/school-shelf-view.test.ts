import type { OfferedDeck } from '@gobrel/contract';
import { emptyDeck } from '@gobrel/core/deck';
import { everyAge, isForEveryAge, offeredFitting, subjectsOn } from './school-shelf-view';

const offer = (title: string, fields: Partial<OfferedDeck> = {}): OfferedDeck => ({
  deck: {
    id: title,
    title,
    updatedAt: '2026-03-12T09:00:00Z',
    slideCount: 4,
    hasOwnPage: false,
    sharedBy: null,
    sharedWith: 0,
    isOffered: true,
    hasLink: false,
    isPublished: false,
    may: 'view',
    unitId: null,
    archivedAt: null,
    copiedFrom: null,
    cover: emptyDeck(title),
  },
  by: 'Nadia Quill',
  isMine: false,
  subject: '',
  ageFrom: 3,
  ageTo: 19,
  offeredAt: '2026-03-12T09:00:00Z',
  ...fields,
});

const tides = offer('Tide tables', { subject: 'Mathematics', ageFrom: 10, ageTo: 13 });
const words = offer('Words for weather', { subject: 'English', by: 'Tomas Reed', ageFrom: 8, ageTo: 10 });
const any = offer('Lighthouses');
const shelf = [tides, words, any];
const none = { sought: '', found: null, subject: '', age: null };
const titles = (fitting: readonly OfferedDeck[]) => fitting.map(({ deck }) => deck.title);

test('a deck is found by its title, whose it is, its subject, and what stands on its slides', () => {
  expect(offeredFitting(shelf, none)).toEqual(shelf);
  expect(titles(offeredFitting(shelf, { ...none, sought: 'tide' }))).toEqual(['Tide tables']);
  expect(titles(offeredFitting(shelf, { ...none, sought: 'reed weather' }))).toEqual(['Words for weather']);
  expect(titles(offeredFitting(shelf, { ...none, sought: 'mathem' }))).toEqual(['Tide tables']);
  expect(titles(offeredFitting(shelf, { ...none, sought: 'lamp', found: ['Lighthouses'] }))).toEqual(['Lighthouses']);
  expect(offeredFitting(shelf, { ...none, sought: 'lamp' })).toEqual([]);
});

test('an age fits a deck from its youngest to its oldest, and whatever is sought fits as well', () => {
  for (const age of everyAge())
    expect(titles(offeredFitting(shelf, { ...none, age })).includes('Tide tables')).toBe(age >= 10 && age <= 13);
  expect(titles(offeredFitting(shelf, { ...none, age: 10, subject: 'English' }))).toEqual(['Words for weather']);
  expect(offeredFitting(shelf, { ...none, age: 13, subject: 'English' })).toEqual([]);
  expect(shelf.filter(isForEveryAge)).toEqual([any]);
});

test('each subject is there once, in order', () => {
  expect(subjectsOn([tides, words, any, tides], 'en')).toEqual(['English', 'Mathematics']);
});
