/** Ways that wait for something, against a walker who tries everything. */
import fc from 'fast-check';
import type { Gate } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { openGates, type RouteGraph, routeFigures, routeGraph, Wait } from './index.js';

interface Sketch {
  readonly size: number;
  /** Each way with what it waits for. */
  readonly ways: readonly (readonly { readonly to: number; readonly waits: readonly [number, number] }[])[];
}

const sketches: fc.Arbitrary<Sketch> = fc.integer({ min: 1, max: 6 }).chain((size) => {
  const slide = fc.integer({ min: 0, max: size - 1 });
  const wait = fc.oneof(
    { weight: 3, arbitrary: fc.constant<number>(Wait.nothing) },
    { weight: 1, arbitrary: fc.constant<number>(Wait.forever) },
    { weight: 3, arbitrary: slide },
    { weight: 2, arbitrary: fc.integer({ min: 1, max: 5 }).map((count) => -2 - count) },
  );
  const way = fc.record({ to: slide, waits: fc.tuple(wait, wait) });
  const ways = fc.array(fc.array(way, { maxLength: 3 }), { minLength: size, maxLength: size });
  return ways.map((list) => ({ size, ways: list }));
});

function graphOf({ size, ways }: Sketch): RouteGraph {
  const offsets = [0];
  for (const list of ways) offsets.push((offsets.at(-1) ?? 0) + list.length);
  const all = ways.flat();
  return {
    ids: ways.map((_list, place) => `s${place}`),
    start: 0,
    offsets: Int32Array.from(offsets),
    targets: Int32Array.from(all, ({ to }) => to),
    waits: Int32Array.from(all.flatMap(({ waits }) => waits)),
    carriers: all.map(() => null),
    backs: new Uint16Array(size),
    ends: new Uint16Array(size),
    open: new Uint16Array(size),
    endings: new Uint8Array(size),
    leftOut: new Uint8Array(size),
  };
}

/** Everything that can be come to by walking on and going back, each walk with the slides it has seen. */
function tryEverything({ ways }: Sketch): {
  readonly reached: ReadonlySet<number>;
  readonly used: ReadonlySet<string>;
} {
  const used = new Set<string>();
  const reached = new Set([0]);
  const done = new Set<string>();
  const walks: { readonly way: readonly number[]; readonly seen: readonly number[] }[] = [{ way: [0], seen: [0] }];
  const isMet = (wait: number, seen: readonly number[]) =>
    wait === Wait.nothing || (wait >= 0 ? seen.includes(wait) : wait !== Wait.forever && seen.length >= -2 - wait);
  for (let walk = walks.pop(); walk; walk = walks.pop()) {
    const { way, seen } = walk;
    const key = `${way.join(' ')}|${[...seen].sort().join(' ')}`;
    if (done.has(key)) continue;
    done.add(key);
    const here = way.at(-1) ?? 0;
    if (way.length > 1) walks.push({ way: way.slice(0, -1), seen });
    ways[here]?.forEach(({ to, waits }, place) => {
      if (!waits.every((wait) => isMet(wait, seen))) return;
      used.add(`${here} ${place}`);
      reached.add(to);
      // A way that comes to a slide a second time shows nothing that going back does not show as well.
      if (!way.includes(to)) walks.push({ way: [...way, to], seen: [...new Set([...seen, to])] });
    });
  }
  return { reached, used };
}

test('what is reached and what never opens is what trying everything finds', () => {
  fc.assert(
    fc.property(sketches, (sketch) => {
      const graph = graphOf(sketch);
      const { reached, used } = tryEverything(sketch);
      const figures = routeFigures(graph);
      expect([...figures.distances].flatMap((steps, slide) => (steps >= 0 ? [slide] : []))).toEqual(
        [...reached].sort((a, b) => a - b),
      );
      const shut = sketch.ways.flatMap((list, slide) =>
        list.flatMap((_way, place) =>
          reached.has(slide) && !used.has(`${slide} ${place}`) ? [(graph.offsets[slide] ?? 0) + place] : [],
        ),
      );
      expect(figures.shut).toEqual(shut);
    }),
    { numRuns: 2000 },
  );
});

test('a graph without gates is left as it is', () => {
  const graph = graphOf({ size: 2, ways: [[{ to: 1, waits: [Wait.nothing, Wait.nothing] }], []] });
  expect(openGates(graph)).toEqual({ graph, shut: [] });
});

describe('the gates of a deck', () => {
  const deckWith = (gate: Gate) =>
    new DeckBuilder()
      .slide('gate', { exits: 'links-only' })
      .item('on', 'shape', { link: { to: 'slide', slideId: 'hide', gate } })
      .item('aside', 'shape', { link: { to: 'slide', slideId: 'mud' } })
      .slide('mud', { exits: 'links-only' })
      .item('asked', 'choice', { fields: { choices: [{ id: 'a', text: 'an otter' }], right: ['a'] } })
      .item('poll', 'choice')
      .item('zone', 'zone')
      .item('shell', 'shape', { loose: true })
      .slide('hide').deck;
  const shutIn = (gate: Gate) => routeFigures(routeGraph(deckWith(gate))).shut.length;

  test('open when what they wait for can be done on the way', () => {
    for (const opens of ['answered', 'right'] as const) expect(shutIn({ opens, itemId: 'asked' })).toBe(0);
    expect(shutIn({ opens: 'filled', itemId: 'zone' })).toBe(0);
    expect(shutIn({ opens: 'found', itemId: 'shell' })).toBe(0);
    expect(shutIn({ opens: 'seen', slideId: 'mud' })).toBe(0);
    expect(shutIn({ opens: 'seen-count', count: 2 })).toBe(0);
  });

  test('never open when it cannot: no key, nothing to move, a slide behind the gate itself, too many slides', () => {
    expect(shutIn({ opens: 'right', itemId: 'poll' })).toBe(1);
    expect(shutIn({ opens: 'answered', itemId: 'zone' })).toBe(1);
    expect(shutIn({ opens: 'found', itemId: 'zone' })).toBe(1);
    expect(shutIn({ opens: 'answered', itemId: 'gone' })).toBe(1);
    expect(shutIn({ opens: 'seen', slideId: 'hide' })).toBe(1);
    expect(shutIn({ opens: 'seen-count', count: 3 })).toBe(1);
  });

  test('two gates that wait for one another never open', () => {
    const waitFor = (slideId: string): Gate => ({ opens: 'seen', slideId });
    const { deck } = new DeckBuilder()
      .slide('fork', { exits: 'links-only' })
      .item('left', 'shape', { link: { to: 'slide', slideId: 'one', gate: waitFor('other') } })
      .item('right', 'shape', { link: { to: 'slide', slideId: 'other', gate: waitFor('one') } })
      .slide('one', { exits: 'links-only' })
      .slide('other', { exits: 'links-only' });
    const graph = routeGraph(deck);
    const figures = routeFigures(graph);
    expect(figures.shut.map((way) => graph.carriers[way])).toEqual(['left', 'right']);
    expect(figures.deadEnds).toEqual([0]);
  });

  test('a link by an answer is a way to each of its slides, once its question can be answered', () => {
    const link = { to: 'by-answer', questionId: 'asked', right: 'good', wrong: 'help', choices: {} } as const;
    const { deck } = new DeckBuilder()
      .slide('ask', { exits: 'links-only' })
      .item('asked', 'choice', { fields: { choices: ['a', 'b'].map((id) => ({ id, text: id })), right: ['a'] } })
      .item('on', 'shape', { link })
      .slide('good', { exits: 'links-only' })
      .slide('help', { exits: 'links-only' });
    expect(routeFigures(routeGraph(deck)).unreached).toEqual([]);
    const gone = new DeckBuilder()
      .slide('ask', { exits: 'links-only' })
      .item('on', 'shape', { link })
      .slide('good')
      .slide('help').deck;
    expect(routeFigures(routeGraph(gone)).unreached).toEqual([1, 2]);
  });
});
