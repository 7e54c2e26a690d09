import { applyChanges, groupItems } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import { useDesk } from './desk';
import { enterGroup, leaveGroup, pressItem, wholeUnits } from './selecting';

const flat = new DeckBuilder().slide('a').item('one', 'shape').item('two', 'shape').item('three', 'shape').deck;
const deck = applyChanges(flat, groupItems(flat, ['one', 'two'], 'pair'));
const item = (id: string) => {
  const found = deck.items[id];
  if (!found) throw new Error(`no item ${id}`);
  return found;
};
const selected = () => useDesk.getState().selected;
beforeEach(() => useDesk.setState({ selected: [], entered: null }));

test('a press takes the whole group; inside the group, one item', () => {
  pressItem(deck, item('one'), false);
  expect(selected()).toEqual(['one', 'two']);
  expect(enterGroup(deck, item('one'))).toBe(true);
  expect(selected()).toEqual(['one']);
  expect(enterGroup(deck, item('one'))).toBe(false);
  pressItem(deck, item('two'), false);
  expect(selected()).toEqual(['two']);
});

test('a press outside the group leaves it, Escape goes back to the whole', () => {
  enterGroup(deck, item('one'));
  expect(leaveGroup(deck, 'a')).toBe(true);
  expect(selected()).toEqual(['one', 'two']);
  expect(leaveGroup(deck, 'a')).toBe(false);
  enterGroup(deck, item('one'));
  pressItem(deck, item('three'), false);
  expect(useDesk.getState().entered).toBeNull();
});

test('Shift adds whole groups and takes them out again', () => {
  pressItem(deck, item('three'), false);
  pressItem(deck, item('two'), true);
  expect(selected()).toEqual(['three', 'one', 'two']);
  pressItem(deck, item('one'), true);
  expect(selected()).toEqual(['three']);
});

test('a marquee that meets one of a group takes all of it', () => {
  expect(wholeUnits(deck, [item('two'), item('three')])).toEqual(['one', 'two', 'three']);
});
