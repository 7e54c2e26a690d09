import { DeckBuilder } from '@gobrel/core/testing';
import { emptyWork, type Work } from '@gobrel/core/work';
import { markWork } from '@gobrel/core/questions';
import { classOn, ClassTrails, trailSlides, type Walker } from './class-trail';

const choices = ['a', 'b'].map((id) => ({ id, text: id }));
const { deck } = new DeckBuilder()
  .slide('start')
  .slide('tides')
  .item('high', 'choice', { fields: { choices, right: ['a'] } })
  .slide('done');
const slides = trailSlides(deck);
const never = () => false;

function walker(key: string, picked: string | null, at: string | null): Walker {
  const work: Work =
    picked === null ? emptyWork : { ...emptyWork, answers: { high: { kind: 'choice', picked: [picked] } } };
  return { key, work, marks: markWork(deck, work), at, isSubmitted: false };
}

test('slides that ask nothing are only passed', () => {
  expect(slides.map(({ slide, asks }) => [slide.id, asks])).toEqual([
    ['start', false],
    ['tides', true],
    ['done', false],
  ]);
});

test('a trail says how each slide stands, and is made anew only when something of it has changed', () => {
  const trails = new ClassTrails();
  const ada = walker('ada', 'a', 'tides');
  const first = trails.of(deck, slides, ada, never);
  expect(first).toEqual(['unseen', 'right', 'unseen']);
  expect(trails.of(deck, slides, { ...ada }, never)).toBe(first);
  expect(trails.of(deck, slides, { ...ada, at: 'done' }, never)).toEqual(['unseen', 'right', 'looking']);
  expect(trails.of(deck, slides, { ...ada, isSubmitted: true }, never)).not.toBe(first);
  expect(trails.of(deck, [...slides], ada, never)).toEqual(first);
});

test('a class on a slide: who is here, and how many are right, partly right, wrong or not judged', () => {
  const trails = new ClassTrails();
  const walkers = [walker('ada', 'a', 'tides'), walker('bo', 'b', 'tides'), walker('cy', null, 'start')];
  const each = walkers.map((one) => ({ at: one.at, standings: trails.of(deck, slides, one, never) }));
  expect(classOn(slides, each)).toEqual([
    { here: 1, right: 0, partly: 0, wrong: 0, answered: 0 },
    { here: 2, right: 1, partly: 0, wrong: 1, answered: 0 },
    { here: 0, right: 0, partly: 0, wrong: 0, answered: 0 },
  ]);
});
