/** Slides on a stage. */
import type { Stop } from '@gobrel/core/show';
import { firstTurn, turnTo } from './turns.js';

const stop = (slideId: string, appeared = 0): Stop => ({ slideId, viewpointId: null, appeared });

test('a slide that leaves is the very one that was shown', () => {
  const first = firstTurn(stop('mud'), false);
  const second = turnTo(first, stop('gate'), false, true);
  expect(second.going).toBe(first.shown);
  expect(second.shown.key).not.toBe(first.shown.key);
  expect(turnTo(first, stop('gate'), false, false).going).toBeNull();
});

test('steps on a slide go on with it, also while another one leaves', () => {
  const second = turnTo(firstTurn(stop('mud'), false), stop('gate'), false, true);
  const stepped = turnTo(second, stop('gate', 1), true, true);
  expect(stepped.shown.key).toBe(second.shown.key);
  expect(stepped.going).toBe(second.going);
  expect(turnTo(stepped, stop('gate', 1), true, true)).toEqual(stepped);
});

test('coming back to a slide that still leaves is another visit', () => {
  const there = turnTo(firstTurn(stop('mud'), false), stop('gate'), false, true);
  const back = turnTo(there, stop('mud'), false, true);
  expect(back.shown.key).not.toBe(there.going?.key);
  expect(back.going).toBe(there.shown);
});
