/** The figures and the chances of routes, against brute force on small random graphs. */
import fc from 'fast-check';
import { DeckBuilder } from '../testing/index.js';
import { type Count, readingChances, type RouteGraph, routeFigures, routeGraph, Wait } from './index.js';

/** A graph from lists of ways; the rest as given for each slide. */
interface Sketch {
  readonly ways: readonly (readonly number[])[];
  readonly endings: readonly boolean[];
  readonly backs: readonly number[];
  readonly ends: readonly number[];
}

function graphOf({ ways, endings, backs, ends }: Sketch): RouteGraph {
  const offsets = [0];
  for (const list of ways) offsets.push((offsets.at(-1) ?? 0) + list.length);
  return {
    ids: ways.map((_list, place) => `s${place}`),
    start: 0,
    offsets: Int32Array.from(offsets),
    targets: Int32Array.from(ways.flat()),
    waits: new Int32Array(ways.flat().length * 2).fill(Wait.nothing),
    carriers: ways.flat().map(() => null),
    backs: Uint16Array.from(backs),
    ends: Uint16Array.from(ends),
    open: new Uint16Array(ways.length),
    endings: Uint8Array.from(endings, Number),
    leftOut: new Uint8Array(ways.length),
  };
}

const sketches: fc.Arbitrary<Sketch> = fc.integer({ min: 1, max: 7 }).chain((size) => {
  const each = <T>(arbitrary: fc.Arbitrary<T>) => fc.array(arbitrary, { minLength: size, maxLength: size });
  const seldom = fc.constantFrom(0, 0, 0, 0, 1, 2);
  return fc.record({
    ways: each(fc.array(fc.integer({ min: 0, max: size - 1 }), { maxLength: 3 })),
    endings: each(fc.constantFrom(false, false, true)),
    backs: each(seldom),
    ends: each(seldom),
  });
});

/** All slides that can be come to from one, itself included, by trying. */
function comeTo(ways: Sketch['ways'], from: number): ReadonlySet<number> {
  const found = new Set([from]);
  for (const slide of found) for (const target of ways[slide] ?? []) found.add(target);
  return found;
}

/** How many walks of so many steps lead from the first slide to each. */
function walksBySteps(ways: Sketch['ways'], steps: number): readonly bigint[][] {
  const counts: bigint[][] = [ways.map((_list, slide) => (slide === 0 ? 1n : 0n))];
  for (let step = 0; step < steps; step += 1) {
    const next: bigint[] = ways.map(() => 0n);
    counts.at(-1)?.forEach((count, slide) => {
      for (const target of new Set(ways[slide])) next[target] = (next[target] ?? 0n) + count;
    });
    counts.push(next);
  }
  return counts;
}

describe('figures of routes', () => {
  test('what is reached, dead ends and traps are what trying everything finds', () => {
    fc.assert(
      fc.property(sketches, (sketch) => {
        const { ways, endings, backs, ends } = sketch;
        const figures = routeFigures(graphOf(sketch));
        const reached = comeTo(ways, 0);
        const slides = ways.map((_list, slide) => slide);
        const isEnding = (slide: number) => endings[slide] === true || (ends[slide] ?? 0) > 0;
        const isStuck = (slide: number) => ways[slide]?.length === 0 && backs[slide] === 0;
        expect(figures.unreached).toEqual(slides.filter((slide) => !reached.has(slide)));
        expect(figures.deadEnds).toEqual(
          slides.filter((slide) => reached.has(slide) && isStuck(slide) && !isEnding(slide)),
        );
        const trapped = slides.filter((slide) => {
          const from = comeTo(ways, slide);
          const isClosed = [...from].every((other) => comeTo(ways, other).has(slide) && !isEnding(other));
          const loops = [...from].some((other) => ways[other]?.includes(slide));
          return reached.has(slide) && isClosed && loops && ![...from].some((other) => isStuck(other));
        });
        expect(figures.traps.flat().sort((a, b) => a - b)).toEqual(trapped);
        for (const trap of figures.traps) expect([...comeTo(ways, trap[0] ?? 0)].sort()).toEqual([...trap].sort());
      }),
      { numRuns: 3000 },
    );
  });

  test('routes to endings, the shortest and the longest are what counting all walks finds', () => {
    fc.assert(
      fc.property(sketches, (sketch) => {
        const { ways, endings, ends } = sketch;
        const size = ways.length;
        const walks = walksBySteps(ways, 2 * size);
        const figures = routeFigures(graphOf(sketch));
        const expected = ways.flatMap((_list, slide) => {
          if (!endings[slide] && (ends[slide] ?? 0) === 0) return [];
          const lengths = walks.flatMap((counts, step) => ((counts[slide] ?? 0n) > 0n ? [step + 1] : []));
          if (lengths.length === 0) return [];
          // A walk of more slides than there are goes round a loop, and then there is no end to them.
          const isEndless = lengths.some((length) => length > size);
          const routes: Count = isEndless ? 'endless' : walks.reduce((sum, counts) => sum + (counts[slide] ?? 0n), 0n);
          return [{ slide, routes, shortest: lengths[0], longest: isEndless ? 'endless' : lengths.at(-1) }];
        });
        expect(figures.endings).toEqual(expected);
      }),
      { numRuns: 3000 },
    );
  });

  test('more routes than a number holds exactly are counted exactly', () => {
    const ways = Array.from({ length: 201 }, (_, place) =>
      place === 200 ? [] : place % 2 === 0 ? [place + 1, Math.min(place + 2, 200)] : [Math.min(place + 1, 200)],
    );
    const none = ways.map(() => 0);
    const [ending] = routeFigures(
      graphOf({ ways, endings: ways.map((_list, place) => place === 200), backs: none, ends: none }),
    ).endings;
    expect(ending).toEqual({ slide: 200, routes: 2n ** 100n, shortest: 101, longest: 201 });
  });

  test('the graph of a deck has its links, its running order, and what is meant as an ending', () => {
    const { deck } = new DeckBuilder()
      .slide('gate')
      .item('on', 'shape', { link: { to: 'slide', slideId: 'fork' } })
      .slide('aside', { leftOut: true, exits: 'links-only' })
      .item('home', 'shape', { link: { to: 'back' } })
      .slide('fork', { exits: 'links-only' })
      .item('left', 'shape', { link: { to: 'slide', slideId: 'splash' } })
      .item('gone', 'shape', { link: { to: 'slide', slideId: 'nowhere' } })
      .item('again', 'shape', { link: { to: 'first' } })
      .slide('splash', { exits: 'links-only', ending: true })
      .item('over', 'shape', { link: { to: 'restart' } })
      .slide('last');
    const graph = routeGraph(deck);
    const leads = graph.ids.map((id, slide) => [
      id,
      ...graph.targets.subarray(graph.offsets[slide], graph.offsets[slide + 1]),
    ]);
    expect(leads).toEqual([['gate', 2, 2], ['aside'], ['fork', 3, 0], ['splash'], ['last']]);
    expect([...graph.endings]).toEqual([0, 0, 0, 1, 1]);
    expect([...graph.backs]).toEqual([0, 1, 0, 0, 0]);
    expect([...graph.ends]).toEqual([0, 0, 0, 1, 0]);
    expect(routeFigures(graph)).toMatchObject({ unreached: [4], deadEnds: [], shortest: 3, longest: 'endless' });
  });

  test('a deck without slides has no figures to speak of', () => {
    const graph = routeGraph(new DeckBuilder().deck);
    expect(routeFigures(graph)).toMatchObject({ endings: [], shortest: null, longest: null, unreached: [] });
    expect(readingChances(graph).length).toBe(0);
  });
});

describe('a reader who chooses at random', () => {
  /** The chance of each step, worked out from the sketch anew. */
  const stepsOf = ({ ways, endings, backs, ends }: Sketch) =>
    ways.map((list, slide) => {
      const before = ways.flatMap((others, from) => others.filter((to) => to === slide).map(() => from));
      const back = before.length > 0 ? (backs[slide] ?? 0) : 0;
      const stops = (ends[slide] ?? 0) > 0 ? (ends[slide] ?? 0) : endings[slide] ? 1 : 0;
      const all = list.length + back + stops;
      const steps = new Map<number, number>();
      const give = (to: number, chance: number) => steps.set(to, (steps.get(to) ?? 0) + chance);
      for (const to of list) give(to, 1 / all);
      if (back > 0) for (const from of before) give(from, back / all / before.length);
      return steps;
    });

  /** The chance that a slide is seen, by letting a walk stop there and following the shares for a long time. */
  const seenByPower = (steps: ReturnType<typeof stepsOf>, slide: number) => {
    let shares: number[] = steps.map((_list, place) => (place === 0 ? 1 : 0));
    let found = 0;
    for (let step = 0; step < 4000; step += 1) {
      found += shares[slide] ?? 0;
      const next: number[] = shares.map(() => 0);
      shares.forEach((share, from) => {
        if (from !== slide && share > 0)
          for (const [to, chance] of steps[from] ?? []) next[to] = (next[to] ?? 0) + share * chance;
      });
      shares = next;
    }
    return found;
  };

  test('sees each slide with the chance that following all shares gives', () => {
    fc.assert(
      fc.property(sketches, (sketch) => {
        const { seen } = readingChances(graphOf(sketch));
        const steps = stepsOf(sketch);
        seen.forEach((chance, slide) => expect(chance).toBeCloseTo(seenByPower(steps, slide), 5));
      }),
      { numRuns: 150 },
    );
  });

  test('walks as far, and sees as often, as many simulated readers do', () => {
    // A generator of numbers with a seed of its own: every run of the test walks the same walks.
    let state = 20_261_123;
    const random = () => {
      state = (Math.imul(state, 1_664_525) + 1_013_904_223) >>> 0;
      return state / 2 ** 32;
    };
    const READERS = 4000;
    for (const sketch of fc.sample(sketches, { numRuns: 60, seed: 7 })) {
      const chances = readingChances(graphOf(sketch));
      if (!Number.isFinite(chances.length) || chances.length > 40) continue;
      const steps = stepsOf(sketch);
      const visits: number[] = steps.map(() => 0);
      for (let reader = 0; reader < READERS; reader += 1) {
        let slide: number | null = 0;
        while (slide !== null) {
          visits[slide] = (visits[slide] ?? 0) + 1;
          let left = random();
          let next: number | null = null;
          for (const [to, chance] of steps[slide] ?? []) {
            if (next !== null) break;
            left -= chance;
            if (left < 0) next = to;
          }
          slide = next;
        }
      }
      visits.forEach((count, slide) => {
        const expected = chances.visits[slide] ?? 0;
        expect(Math.abs(count / READERS - expected)).toBeLessThan(0.1 + expected * 0.12);
      });
    }
  });

  test('a loop without a way out makes the walk endless, and is named', () => {
    const none = [0, 0, 0, 0];
    const chances = readingChances(
      graphOf({ ways: [[1, 3], [2], [1], []], endings: [false, false, false, true], backs: none, ends: none }),
    );
    expect(chances.length).toBe(Infinity);
    expect(chances.endlessLoops).toEqual([[1, 2]]);
    expect([...chances.seen]).toEqual([1, 0.5, 0.5, 0.5]);
  });
});

test('10,000 slides with 30,000 links, some of them to themselves, are counted', () => {
  const size = 10_000;
  const ways = Array.from({ length: size }, (_none, slide) => [
    Math.min(size - 1, slide + 1),
    (slide * 7919 + 13) % size,
    slide % 50 === 0 ? slide : (slide * 31) % size,
  ]);
  const none = Array.from({ length: size }, () => 0);
  const endings = Array.from({ length: size }, (_none, slide) => slide === size - 1);
  const graph = graphOf({ ways, endings, backs: none, ends: none });
  const figures = routeFigures(graph);
  expect(figures.unreached).toEqual([]);
  expect(figures.endings).toMatchObject([{ slide: size - 1, routes: 'endless', longest: 'endless' }]);
  // All of it is one loop, too large to be solved: said so, rather than waited for.
  expect(readingChances(graph).length).toBeNaN();
});

test('a link to itself makes routes endless, and leads there in a show', () => {
  const { deck } = new DeckBuilder()
    .slide('gate', { exits: 'links-only' })
    .item('again', 'shape', { link: { to: 'slide', slideId: 'gate' } })
    .item('on', 'shape', { link: { to: 'end' } });
  expect(routeFigures(routeGraph(deck)).endings).toEqual([
    { slide: 0, routes: 'endless', shortest: 1, longest: 'endless' },
  ]);
});
