import fc from 'fast-check';
import { DeckBuilder } from '../testing/index.js';
import { markWork } from '../questions/index.js';
import { emptyWork, type Work } from '../work/index.js';
import {
  emptyReview,
  nextWaiting,
  overrule,
  type Queued,
  type Reviewable,
  type ReviewState,
  reviewStateOf,
} from './index.js';

const choices = ['a', 'b'].map((id) => ({ id, text: id }));
const { deck } = new DeckBuilder()
  .slide('s')
  .item('keyed', 'choice', { fields: { choices, right: ['a'] } })
  .item('why', 'long-text', { fields: { points: 3 } })
  .item('poll', 'choice', { fields: { choices, right: [], form: 'scale' } })
  .item('own', 'open-area');
const stateOf = (id: string, work: Work, review = emptyReview): ReviewState =>
  reviewStateOf(deck.items[id] as Reviewable, work, markWork(deck, work), review);
const full: Work = {
  ...emptyWork,
  answers: {
    keyed: { kind: 'choice', picked: ['b'] },
    why: { kind: 'words', text: 'it dries out' },
    poll: { kind: 'choice', picked: ['a'] },
  },
  added: { t: { kind: 'text', areaId: 'own', x: 0, y: 0, width: 10, height: 10, text: 'a feather', size: 24 } },
};

test('what the key cannot mark waits; what it marked, what is empty and what has no points does not', () => {
  expect(['keyed', 'why', 'poll', 'own'].map((id) => stateOf(id, full))).toEqual(['marked', 'waits', 'free', 'free']);
  expect(['keyed', 'why', 'poll', 'own'].map((id) => stateOf(id, emptyWork))).toEqual(Array(4).fill('empty'));
});

test('whatever a teacher gave points for is reviewed, until they are taken back', () => {
  const given = overrule(emptyReview, 'why', { points: 2, why: '' });
  expect(stateOf('why', full, given)).toBe('reviewed');
  expect(stateOf('why', emptyWork, given)).toBe('reviewed');
  expect(stateOf('why', full, overrule(given, 'why', null))).toBe('waits');
});

test('what comes next waits and is another one; whatever waits is come to, from wherever one begins', () => {
  const state = fc.constantFrom<ReviewState>('waits', 'reviewed', 'marked', 'empty', 'free');
  fc.assert(
    fc.property(fc.array(state, { minLength: 1, maxLength: 12 }), fc.nat(), (states, from) => {
      const item = deck.items['why'] as Reviewable;
      const queue = states.map((each, at): Queued => ({ who: `p${at}`, item, state: each }));
      const start = queue[from % queue.length] as Queued;
      const visited = new Set<string>();
      let here = start;
      for (let step = 0; step < queue.length; step += 1) {
        const next = nextWaiting(queue, { who: here.who, itemId: item.id });
        if (!next) break;
        expect(next.state).toBe('waits');
        expect(next).not.toBe(here);
        visited.add(next.who);
        here = next;
      }
      const waiting = queue.filter((each) => each.state === 'waits' && each !== start).map(({ who }) => who);
      expect(waiting.every((who) => visited.has(who))).toBe(true);
    }),
  );
});
