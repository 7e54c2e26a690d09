/** The cards and lines of the map. */
import { layOutMap, mapWays } from '@gobrel/core/route-map';
import { DeckBuilder } from '@gobrel/core/testing';
import { plainText } from '@gobrel/core/deck';
import { sectionNodes, slideNodes, slidesInLook, walkShown, wayEdges } from './map-cards';
import { wayCourse } from '../../../shared/slides';

const link = (slideId: string) => ({ to: 'slide' as const, slideId });
const builder = new DeckBuilder()
  .slide('gate', { name: 'Gate', exits: 'links-only' })
  .item('on', 'shape', {
    fields: { text: plainText('On') },
    link: { ...link('hide'), gate: { opens: 'seen', slideId: 'mud' } },
  })
  .item('down', 'shape', { fields: { text: plainText('Down') }, link: link('mud') })
  .slide('mud', { name: 'Mud', exits: 'links-only' })
  .item('sort', 'shape', {
    fields: { text: plainText('Sort it') },
    link: { to: 'by-answer', questionId: 'asked', right: 'hide', wrong: 'gate', choices: {} },
  })
  .item('asked', 'choice')
  .slide('hide', { name: 'Hide' });
const deck = { ...builder.deck, walks: [{ id: 'w1', name: 'Mine', slides: ['gate', 'mud'] }] };
const ways = mapWays(deck);
const layout = layOutMap({
  slides: Object.keys(deck.slides),
  ways: ways.map(({ from, to }) => ({ from, to, isLink: true })),
  sections: {},
  byHand: {},
  before: {},
});
const edges = (options: Partial<Parameters<typeof wayEdges>[2]> = {}) =>
  wayEdges(deck, ways, { shown: null, selected: null, layout, figures: null, walk: null, ...options });

test('each way is named by what carries it, what it waits for and for which answer it is', () => {
  expect(edges().map(({ ariaLabel }) => ariaLabel)).toEqual([
    'From Gate to Hide, via “On”, unlocks when “Mud” has been visited',
    'From Gate to Mud, via “Down”',
    'From Mud to Hide, via “Sort it”, if correct',
    'From Mud to Gate, via “Sort it”, if incorrect',
  ]);
});

test('a gate that never opens and the ways of a walk are drawn apart', () => {
  const figures = {
    slides: new Map(),
    isShut: (itemId: string) => itemId === 'on',
    endings: 0,
    hasGates: false,
    shortest: null,
    longest: null,
    length: 0,
    troubles: 0,
  };
  expect(edges({ figures }).map(({ data }) => data?.isShut)).toEqual([true, false, false, false]);
  const walk = walkShown(deck, { walk: 'w1' });
  expect(edges({ walk }).map(({ data }) => data?.isWalked)).toEqual([false, true, false, false]);
  expect(walkShown(deck, { walk: 'gone' })).toBeNull();
});

test('what is looked at: everything, what is reached, what leads here, the shortest way, a walk', () => {
  const look = (what: Parameters<typeof slidesInLook>[2], current = 'mud') =>
    [...(slidesInLook(deck, ways, what, current) ?? ['all'])].sort();
  expect(look('all')).toEqual(['all']);
  expect(look('onward', 'hide')).toEqual(['hide']);
  expect(look('back')).toEqual(['gate', 'mud']);
  expect(look('route', 'hide')).toEqual(['gate', 'hide']);
  expect(look({ walk: 'w1' })).toEqual(['gate', 'mud']);
});

test('every slide has its card, named with what is known of it, and sections their areas', () => {
  const cards = slideNodes(deck, {
    places: layout.places,
    current: 'gate',
    chosen: [],
    shown: new Set(['gate']),
    figures: null,
    heat: false,
  });
  const spoken = cards.map(({ domAttributes }) => new Map<string, unknown>(Object.entries(domAttributes ?? {})));
  expect(spoken.map((attributes) => attributes.get('aria-label'))).toEqual(['1 Gate', '2 Mud', '3 Hide']);
  expect(cards.map(({ hidden, selected }) => [hidden, selected])).toEqual([
    [false, true],
    [true, false],
    [true, false],
  ]);
  expect(sectionNodes(deck, layout.places)).toEqual([]);
});

test('a way runs from port to port, beside others of its pair, and back round under the cards', () => {
  const straight = wayCourse({ x: 0, y: 0 }, { x: 200, y: 100 }, [], 0);
  expect(straight.path).toMatch(/^M0 0 C.* 200 100$/);
  expect(straight.middle).toEqual({ x: 100, y: 50 });
  expect(wayCourse({ x: 0, y: 0 }, { x: 200, y: 100 }, [], 1).middle.y).toBeGreaterThan(straight.middle.y);
  const back = wayCourse({ x: 300, y: 0 }, { x: 0, y: 40 }, [], 0);
  expect(back.middle.y).toBeGreaterThan(40);
  const bent = wayCourse({ x: 0, y: 0 }, { x: 300, y: 0 }, [{ x: 150, y: 90 }], 0);
  expect(bent.path).toContain('150 90');
});
