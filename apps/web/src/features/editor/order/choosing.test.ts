import { DeckBuilder } from '@gobrel/core/testing';
import { addSection } from '@gobrel/core/deck';
import { fold, useDesk } from '../state/desk';
import { chosenSlides, range, toggled } from './choosing';

const deck = new DeckBuilder().slide('a').slide('b').slide('c').slide('d').deck;

beforeEach(() => useDesk.setState({ folded: new Set() }));

test('one slide alone is the one worked on, whatever was chosen before', () => {
  expect(chosenSlides(deck, 'b', [])).toEqual(['b']);
  expect(chosenSlides(deck, 'b', ['c', 'gone'])).toEqual(['b']);
});

test('several are given in running order', () => {
  expect(chosenSlides(deck, 'b', ['d', 'a'])).toEqual(['a', 'd']);
});

test('a slide joins the choice, beginning with the one worked on, and leaves it again', () => {
  expect(toggled('b', [], 'd')).toEqual(['b', 'd']);
  expect(toggled('b', ['b', 'd'], 'b')).toEqual(['d']);
});

test('a range goes both ways and passes over what is folded away', () => {
  expect(range(deck, 'c', 'a')).toEqual(['a', 'b', 'c']);
  const builder = new DeckBuilder();
  builder.deck = deck;
  builder.apply(addSection(deck, { id: 's', title: 'S', before: 'b' }));
  builder.apply(addSection(builder.deck, { id: 't', title: 'T', before: 'd' }));
  fold('s', true);
  expect(range(builder.deck, 'a', 'd')).toEqual(['a', 'd']);
});
