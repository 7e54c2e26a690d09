import type { LessonView, ParticipantView } from '@gobrel/contract';
import { addItem, addSlide, applyChanges, emptyDeck } from '@gobrel/core/deck';
import { usualTerms } from '@gobrel/core/lesson';
import { emptyWork } from '@gobrel/core/work';
import { doneWorks, factsOf, printedSlides } from './lesson-pages';

const frame = { x: 0, y: 0, width: 400, height: 200, rotation: 0 };
const begun = applyChanges(emptyDeck('Tides'), addSlide(emptyDeck('Tides'), { id: 'low', name: 'Low water' }));
const edition = applyChanges(
  begun,
  addItem(begun, {
    id: 'what',
    slideId: 'low',
    kind: 'short-text',
    frame,
    fields: { prompt: 'What is it?', accepted: ['a crab'], points: 2 },
  }),
);
const line = (key: string, participantId: string | null) =>
  ({ key, name: key, participantId, submission: null }) as ParticipantView;
const lesson: LessonView = {
  id: 'l',
  title: 'Tides',
  classId: 'c',
  className: '6 Heron',
  deckId: null,
  edition: 'e',
  code: 'HRNS427',
  workMode: 'copy-each',
  terms: usualTerms,
  openedAt: '',
  closedAt: null,
  held: false,
  participants: [line('Noor', 'p1'), line('Dov', 'p2'), line('Ada', null)],
  removed: [],
};
const answer = (text: string) => ({ ...emptyWork, answers: { what: { kind: 'words', text } } });
const comment = { id: 'k', slideId: 'low', spot: null, text: 'Look at its legs.', praise: null, spoken: null };
const taken = {
  edition,
  work: { p1: answer('a crab'), p2: answer('a shell') },
  reviews: [
    { participantId: 'p2', review: { overruled: { what: { points: 1, why: 'Nearly.' } }, comments: [comment] } },
    'nonsense',
  ],
};

test('everybody who did something is there, with marks and what was said to it', () => {
  const works = doneWorks(lesson, taken);
  expect(works.map(({ name, marks }) => [name, marks.points, marks.outOf])).toEqual([
    ['Noor', 2, 2],
    ['Dov', 1, 2],
  ]);
  const [, dov] = works;
  const [slide] = dov ? printedSlides(lesson, dov) : [];
  expect(slide?.said).toBe('Look at its legs.\nNearly.');
  expect(slide?.caption).toMatch(/Low water · 1 /);
  expect(dov && factsOf(lesson, dov)).toMatch(/^Tides · 6 Heron · 1 /);
});

test('a file without work has nobody in it', () => {
  expect(doneWorks(lesson, { edition, work: null, reviews: null })).toEqual([]);
});
