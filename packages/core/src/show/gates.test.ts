/** Gates and answers in a show. */
import type { Destination, Gate } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { emptyWork, type Work } from '../work/index.js';
import { ONLY_WALKING, shownSlide, type ShowState, startShow, takeStep, type Walker } from './index.js';

const { deck } = new DeckBuilder()
  .slide('trail', { exits: 'links-only' })
  .item('asked', 'choice', {
    fields: {
      choices: ['otter', 'rail', 'fox'].map((id) => ({ id, text: id })),
      right: ['otter'],
    },
  })
  .item('zone', 'zone')
  .item('shell', 'shape', { loose: true })
  .slide('otter')
  .slide('rail')
  .slide('help');

const begun = startShow(deck) as ShowState;
const follow = (destination: Destination, walker: Walker = ONLY_WALKING, state = begun) => {
  const result = takeStep(deck, state, { type: 'follow', destination }, walker);
  return result.type === 'moved' ? shownSlide(result.state) : result;
};
const onward = (gate: Gate): Destination => ({ to: 'slide', slideId: 'otter', gate });
const with_ = (work: Partial<Work>, isRight: boolean | null = false): Walker => ({
  work: { ...emptyWork, ...work },
  isRight: () => isRight,
});
const picked = (id: string) => ({ answers: { asked: { kind: 'choice' as const, picked: [id] } } });

describe('a gate', () => {
  test('says what is missing, and opens when it is done', () => {
    const answered = onward({ opens: 'answered', itemId: 'asked' });
    expect(follow(answered)).toEqual({ type: 'shut', missing: { gate: answered.gate, more: 0 } });
    expect(follow(answered, with_(picked('fox')))).toBe('otter');
    const filled = onward({ opens: 'filled', itemId: 'zone' });
    expect(follow(filled)).toMatchObject({ type: 'shut' });
    expect(follow(filled, with_({ pieces: { shell: { x: 0, y: 0, zoneId: 'zone' } } }))).toBe('otter');
    const found = onward({ opens: 'found', itemId: 'shell' });
    expect(follow(found)).toMatchObject({ type: 'shut' });
    expect(follow(found, with_({ pieces: { shell: { x: 4, y: 0, zoneId: null } } }))).toBe('otter');
  });

  test('for a right answer asks where the key is, but not before anything is answered', () => {
    const right = onward({ opens: 'right', itemId: 'asked' });
    expect(follow(right, with_({}, null))).toMatchObject({ type: 'shut' });
    expect(follow(right, with_(picked('fox'), null))).toEqual({ type: 'check', itemId: 'asked' });
    expect(follow(right, with_(picked('fox'), false))).toMatchObject({ type: 'shut' });
    expect(follow(right, with_(picked('otter'), true))).toBe('otter');
  });

  test('for slides seen counts those that one has gone back from, and says how many are missing', () => {
    const three = onward({ opens: 'seen-count', count: 3 });
    expect(follow(three)).toMatchObject({ type: 'shut', missing: { more: 2 } });
    const there = takeStep(deck, begun, { type: 'go', slideId: 'rail' });
    const back = there.type === 'moved' ? takeStep(deck, there.state, { type: 'back' }) : there;
    const state = back.type === 'moved' ? back.state : begun;
    expect(shownSlide(state)).toBe('trail');
    expect(follow(onward({ opens: 'seen', slideId: 'rail' }), ONLY_WALKING, state)).toBe('otter');
    expect(follow(three, ONLY_WALKING, state)).toMatchObject({ missing: { more: 1 } });
  });
});

describe('a link by an answer', () => {
  const link = {
    to: 'by-answer',
    questionId: 'asked',
    right: 'otter',
    wrong: 'help',
    choices: { rail: 'rail' },
  } as const;

  test('leads by right and wrong, and first by what was picked', () => {
    expect(follow(link)).toEqual({ type: 'refused', why: 'unanswered' });
    expect(follow(link, with_(picked('otter'), true))).toBe('otter');
    expect(follow(link, with_(picked('fox'), false))).toBe('help');
    expect(follow(link, with_(picked('rail'), null))).toBe('rail');
    expect(follow(link, with_(picked('fox'), null))).toEqual({ type: 'check', itemId: 'asked' });
  });

  test('says so where no slide is tied to an answer, and when its question is gone', () => {
    expect(follow({ ...link, wrong: null }, with_(picked('fox'), false))).toEqual({ type: 'refused', why: 'no-way' });
    expect(follow({ ...link, questionId: 'gone' })).toEqual({ type: 'refused', why: 'destination-gone' });
  });
});
