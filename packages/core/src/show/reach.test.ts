/** What somebody can come to as things stand, and what a device gets of the rest. */
import fc from 'fast-check';
import type { Deck, Destination, Gate, SlideId } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { emptyWork, type Work } from '../work/index.js';
import { shownSlide, slidesInReach, startShow, takeStep, withoutBeyond } from './index.js';

const choices = ['otter', 'rail'].map((id) => ({ id, text: id }));
const to = (slideId: SlideId, gate?: Gate): Destination => ({ to: 'slide', slideId, ...(gate ? { gate } : {}) });

/** The trail leads to the den by a right answer, to the hide once the pool was seen; the pool is open. */
const { deck } = new DeckBuilder()
  .slide('trail', { exits: 'links-only' })
  .item('asked', 'choice', { fields: { choices, right: ['otter'] } })
  .item('to-den', 'shape', { link: to('den', { opens: 'right', itemId: 'asked' }) })
  .item('to-pool', 'shape', { link: to('pool') })
  .item('to-hide', 'shape', { link: to('hide', { opens: 'seen', slideId: 'pool' }) })
  .item('by-answer', 'shape', {
    link: { to: 'by-answer', questionId: 'asked', right: 'praise', wrong: 'hint', choices: {} },
  })
  .slide('pool', { exits: 'links-only', name: 'The pool' })
  .slide('hide', { exits: 'links-only' })
  .slide('den', { exits: 'links-only', name: 'The otter is here' })
  .item('treasure', 'text')
  .slide('praise', { exits: 'links-only' })
  .slide('hint', { exits: 'links-only' });

const work = (fields: Partial<Work>): Work => ({ ...emptyWork, ...fields });
const picked = { answers: { asked: { kind: 'choice' as const, picked: ['otter'] } } };
const reach = (done: Work, right: boolean | null = null, from: readonly SlideId[] = [], of: Deck = deck) =>
  [...slidesInReach(of, { work: done, isRight: () => right }, from)].sort();

test('what is open can be come to, and what is behind a gate cannot', () => {
  expect(reach(emptyWork)).toEqual(['pool', 'trail']);
});

test('an answer opens nothing before it was looked at: then it opens where it leads', () => {
  expect(reach(work(picked))).toEqual(['pool', 'trail']);
  expect(reach(work(picked), true)).toEqual(['den', 'pool', 'praise', 'trail']);
  expect(reach(work(picked), false)).toEqual(['hint', 'pool', 'trail']);
});

test('slides that were seen open others, unless nobody could come to them', () => {
  expect(reach(work({ seen: ['trail', 'pool'] }))).toEqual(['hide', 'pool', 'trail']);
  const apart = new DeckBuilder()
    .slide('a', { exits: 'links-only' })
    .item('on', 'shape', { link: to('c', { opens: 'seen', slideId: 'b' }) })
    .slide('b', { exits: 'links-only' })
    .slide('c', { exits: 'links-only' }).deck;
  expect(reach(work({ walk: ['a', 'b'], seen: ['a', 'b'] }), null, [], apart)).toEqual(['a']);
  expect(reach(work({ seen: ['b'] }), null, ['b'], apart)).toEqual(['a', 'b', 'c']);
});

test('where a teacher led is in reach, and what it leads to', () => {
  expect(reach(emptyWork, null, ['den', 'gone'])).toEqual(['den', 'pool', 'trail']);
});

test('of what lies beyond, a device gets the places and nothing else', () => {
  const given = withoutBeyond(deck, new Set(['trail', 'pool']));
  expect(Object.keys(given.slides)).toEqual(Object.keys(deck.slides));
  expect(JSON.stringify(given)).not.toContain('The otter is here');
  expect(given.slides['pool']).toBe(deck.slides['pool']);
  expect(Object.keys(given.items)).not.toContain('treasure');
});

test('no step leads out of reach', () => {
  const destinations = Object.values(deck.items).flatMap(({ link }) => link ?? []);
  const steps = fc.array(fc.nat({ max: destinations.length + 1 }), { maxLength: 12 });
  fc.assert(
    fc.property(steps, fc.boolean(), fc.boolean(), (wanted, isAnswered, right) => {
      const done = work(isAnswered ? picked : {});
      let state = startShow(deck);
      for (const at of wanted) {
        const destination = destinations[at];
        const step = destination ? { type: 'follow' as const, destination } : { type: 'next' as const };
        const isRight = () => right;
        const walked = state && takeStep(deck, state, step, { work: done, isRight });
        if (walked?.type !== 'moved') continue;
        const seen = { ...done, seen: state?.seen ?? [] };
        expect(slidesInReach(deck, { work: seen, isRight })).toContain(shownSlide(walked.state));
        state = walked.state;
      }
    }),
  );
});
