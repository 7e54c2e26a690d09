/** What is wrong with the slides of a deck, and which slides are endings of themselves. */
import type { Deck } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { endsOfItself, routeFigures, routeGraph, troublesOf } from './index.js';

/** The troubles of a deck by the ids of its slides. */
function troublesIn(deck: Deck): Readonly<Record<string, readonly string[]>> {
  const graph = routeGraph(deck);
  return Object.fromEntries(
    [...troublesOf(graph, routeFigures(graph))].map(([slide, found]) => [graph.ids[slide] ?? '', found]),
  );
}

test('a slide that nothing leads to is told from one that only slides nobody gets to lead to', () => {
  const { deck } = new DeckBuilder()
    .slide('shore', { exits: 'links-only', ending: true })
    .slide('mud', { exits: 'open' })
    .slide('hide', { exits: 'open' });
  expect(troublesIn(deck)).toEqual({ mud: ['unreached'], hide: ['cut-off'] });
});

test('a slide behind a link that never opens is cut off, and the link is told of', () => {
  const { deck } = new DeckBuilder()
    .slide('shore', { exits: 'links-only', ending: true })
    .item('down', 'shape', {
      link: { to: 'slide', slideId: 'mud', gate: { opens: 'seen', slideId: 'nowhere' } },
    })
    .slide('mud', { exits: 'open' });
  expect(troublesIn(deck)).toEqual({ shore: ['shut'], mud: ['cut-off'] });
});

test('a link to a slide, a viewpoint or a question that is gone is wrong with the slide it is on', () => {
  const gone = [
    { to: 'slide', slideId: 'gone' },
    { to: 'viewpoint', itemId: 'gone' },
    { to: 'by-answer', questionId: 'gone', right: 'shore', wrong: null, choices: {} },
  ] as const;
  for (const link of gone) {
    const { deck } = new DeckBuilder().slide('shore', { exits: 'open' }).item('down', 'shape', { link });
    expect(troublesIn(deck).shore).toContain('open-link');
  }
});

test('everything that is wrong with a slide is told, each thing once', () => {
  const { deck } = new DeckBuilder()
    .slide('shore', { exits: 'links-only' })
    .item('down', 'shape', { link: { to: 'slide', slideId: 'gone' } })
    .item('up', 'shape', { link: { to: 'slide', slideId: 'gone' } });
  expect(troublesIn(deck)).toEqual({ shore: ['dead-end', 'open-link'] });
});

test('slides that lead on where they should are fine', () => {
  const { deck } = new DeckBuilder().slide('shore', { exits: 'open' }).slide('mud', { exits: 'open' });
  expect(troublesIn(deck)).toEqual({});
});

test('what makes a slide an ending of itself agrees with what is counted as endings', () => {
  const { deck } = new DeckBuilder()
    .slide('shore', { exits: 'open' })
    .slide('mud', { exits: 'open' })
    .item('stop', 'shape', { link: { to: 'end' } })
    .slide('hide', { exits: 'links-only' })
    .item('home', 'shape', { link: { to: 'slide', slideId: 'shore' } })
    .slide('last', { exits: 'open' });
  expect(['shore', 'mud', 'hide', 'last', 'gone'].map((id) => endsOfItself(deck, id))).toEqual([
    null,
    'link',
    null,
    'order',
    null,
  ]);
  const counted = routeFigures(routeGraph(new DeckBuilder().slide('only', { exits: 'open' }).deck)).endings;
  expect(counted.map(({ slide }) => slide)).toEqual([0]);
});
