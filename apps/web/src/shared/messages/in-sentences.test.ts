import { DeckBuilder } from '@gobrel/core/testing';
import { itemCalled, slideCalled } from './in-sentences';
import { pointsInWords } from './points';
import { problemInWords } from './problems';

const deck = new DeckBuilder()
  .slide('tides')
  .item('named', 'shape')
  .apply([{ type: 'set-item', id: 'named', fields: { name: 'Moon' } }])
  .item('nameless', 'zone').deck;

test('things are called by their names, or by what they are; what is gone is said to be', () => {
  expect(itemCalled(deck, 'named')).toBe('“Moon”');
  expect(itemCalled(deck, 'nameless')).toMatch(/zone/);
  expect(itemCalled(deck, 'nowhere')).not.toContain('undefined');
  expect(slideCalled(deck, 'tides')).toBe('“tides”');
  expect(slideCalled(deck, 'nowhere')).not.toBe(slideCalled(deck, 'tides'));
});

test('points say what is not marked yet, and nothing is said twice', () => {
  expect(pointsInWords({ points: 2, outOf: 4, unmarked: 0 })).toContain('2');
  const both = pointsInWords({ points: 2, outOf: 4, unmarked: 3 });
  expect(both).toContain('4');
  expect(both).toContain('3');
  const only = pointsInWords({ points: 0, outOf: 0, unmarked: 1 });
  expect(only).toContain('1');
  expect(only).not.toContain('0');
});

test('of a form that is not right its first fault is said', () => {
  const faulty = problemInWords({ status: 400, code: 'not-valid', fields: { name: 'own-name' } });
  expect(faulty).toBe('Enter your name (up to 80 characters).');
  expect(problemInWords({ status: 400, code: 'not-valid' })).not.toBe(faulty);
});
