/**
 * What can be counted of the ways through a deck: what is never reached, where one cannot go on, loops without a way
 * out, endings and the routes to them. A route is a sequence of slides from the first one; *back* makes no new route.
 */
import { type Components, componentsOf } from './components.js';
import { openGates, type OpenWays } from './gates.js';
import type { RouteGraph } from './route-graph.js';

/** How many there are: a number, or without end where there is a loop on the way. */
export type Count = bigint | 'endless';

/** An ending and the routes that lead to it. */
export interface Ending {
  /** The slide, by number. */
  readonly slide: number;
  readonly routes: Count;
  /** Slides on the shortest route, the first and the last included. */
  readonly shortest: number;
  /** Slides on the longest route. */
  readonly longest: number | 'endless';
}

/** The figures of a graph; slides are given by number. */
export interface RouteFigures {
  /** The ways that are come to and never open, by number. */
  readonly shut: readonly number[];
  /** For each slide how many steps it is from the first one at the least; -1 where nothing leads. */
  readonly distances: Int32Array;
  /** Slides that nothing leads to, but for those that are left out and that no link leads to: these are put aside. */
  readonly unreached: readonly number[];
  /** Slides that are reached, are not meant as endings, and have no way on, not even back. */
  readonly deadEnds: readonly number[];
  /** Loops that nobody gets out of, each as the slides in it. */
  readonly traps: readonly (readonly number[])[];
  readonly endings: readonly Ending[];
  /** How many slides the shortest of all routes to an ending has; `null` without endings. */
  readonly shortest: number | null;
  /** The same of the longest; `endless` when some route to an ending can go round a loop. */
  readonly longest: number | 'endless' | null;
}

/**
 * Counts everything, in time linear in slides and ways, but for the sums of very large numbers of routes. A way that
 * waits for something counts as a way when it can open, and as none when it never does.
 */
export function routeFigures(gated: RouteGraph): RouteFigures {
  const { graph, shut } = openGates(gated);
  const components = componentsOf(graph, graph.start);
  const distances = distancesFrom(graph);
  const endings = endingsOf(graph, components, distances);
  return {
    shut,
    distances,
    unreached: unreachedIn(graph, distances),
    deadEnds: deadEndsIn(graph, distances),
    traps: trapsIn(graph, components),
    endings,
    shortest:
      endings.length === 0 ? null : endings.reduce((least, { shortest }) => Math.min(least, shortest), Infinity),
    longest: longestOf(endings),
  };
}

/** Steps from the first slide, by breadth-first search. */
export function distancesFrom({ start, offsets, targets }: OpenWays): Int32Array {
  const distances = new Int32Array(offsets.length - 1).fill(-1);
  if (start < 0) return distances;
  const queue = new Int32Array(distances.length);
  let [read, written] = [0, 1];
  queue[0] = start;
  distances[start] = 0;
  while (read < written) {
    const slide = queue[read++]!;
    for (let way = offsets[slide]!; way < offsets[slide + 1]!; way += 1) {
      const target = targets[way]!;
      if (distances[target]! >= 0) continue;
      distances[target] = distances[slide]! + 1;
      queue[written++] = target;
    }
  }
  return distances;
}

/** Whether a walk may stop on a slide: it is an ending, has a link to the end or from the start, or no way on at all. */
function stopsAt({ offsets, endings, ends, backs }: OpenWays, slide: number): boolean {
  return isEnding({ endings, ends }, slide) || (offsets[slide] === offsets[slide + 1] && backs[slide] === 0);
}

function isEnding({ endings, ends }: Pick<OpenWays, 'endings' | 'ends'>, slide: number): boolean {
  return endings[slide] === 1 || ends[slide]! > 0;
}

function unreachedIn({ offsets, targets, leftOut }: OpenWays, distances: Int32Array): readonly number[] {
  const linked = new Uint8Array(distances.length);
  for (let slide = 0; slide < distances.length; slide += 1)
    for (let way = offsets[slide]!; way < offsets[slide + 1]!; way += 1) linked[targets[way]!] = 1;
  return numbersWhere(
    distances.length,
    (slide) => distances[slide]! < 0 && (leftOut[slide] === 0 || linked[slide] === 1),
  );
}

function deadEndsIn(graph: OpenWays, distances: Int32Array): readonly number[] {
  return numbersWhere(
    distances.length,
    (slide) => distances[slide]! >= 0 && !isEnding(graph, slide) && stopsAt(graph, slide),
  );
}

/** Components with a loop in them, from which no way leads out and in which no walk may stop. */
function trapsIn(graph: OpenWays, { of, count, members, starts }: Components): readonly (readonly number[])[] {
  const { offsets, targets } = graph;
  const traps: number[][] = [];
  for (let component = 0; component < count; component += 1) {
    let [isLoop, isClosed] = [false, true];
    for (let place = starts[component]!; place < starts[component + 1]! && isClosed; place += 1) {
      const slide = members[place]!;
      if (stopsAt(graph, slide)) isClosed = false;
      for (let way = offsets[slide]!; way < offsets[slide + 1]!; way += 1) {
        if (of[targets[way]!] === component) isLoop = true;
        else isClosed = false;
      }
    }
    if (isLoop && isClosed)
      traps.push([...members.subarray(starts[component], starts[component + 1])].sort((a, b) => a - b));
  }
  return traps.sort((a, b) => a[0]! - b[0]!);
}

/**
 * Endings with their routes. Every way between components leads to a smaller number, so going through them from the
 * greatest down, all that leads to a slide is known when it is come to. A loop on the way makes routes endless.
 */
function endingsOf(graph: OpenWays, components: Components, distances: Int32Array): readonly Ending[] {
  const { offsets, targets, start } = graph;
  const { of, count, members, starts } = components;
  if (start < 0) return [];
  const size = offsets.length - 1;
  // Exact while they are small; beyond that the same sums are kept as large numbers.
  const routes = new Float64Array(size);
  const large = new Map<number, bigint>();
  const longest = new Int32Array(size);
  const endless = new Uint8Array(size);
  const counted = new Int32Array(size).fill(-1);
  const routesTo = (slide: number) => large.get(slide) ?? BigInt(routes[slide]!);
  const add = (slide: number, from: number) => {
    const sum = routes[slide]! + routes[from]!;
    if (large.size === 0 && sum <= Number.MAX_SAFE_INTEGER) routes[slide] = sum;
    else large.set(slide, routesTo(slide) + routesTo(from));
  };
  routes[start] = 1;
  longest[start] = 1;
  for (let component = count - 1; component >= 0; component -= 1) {
    const [from, to] = [starts[component]!, starts[component + 1]!];
    let isEndless = to - from > 1;
    for (let place = from; place < to && !isEndless; place += 1) isEndless = endless[members[place]!] === 1;
    const only = members[from]!;
    for (let way = offsets[only]!; way < offsets[only + 1]! && !isEndless; way += 1) isEndless = targets[way] === only;
    for (let place = from; place < to; place += 1) {
      const slide = members[place]!;
      if (isEndless) endless[slide] = 1;
      for (let way = offsets[slide]!; way < offsets[slide + 1]!; way += 1) {
        const target = targets[way]!;
        if (of[target] === component) continue;
        if (isEndless) {
          endless[target] = 1;
          continue;
        }
        longest[target] = Math.max(longest[target]!, longest[slide]! + 1);
        // Two links to one slide are one route.
        if (counted[target] === slide) continue;
        counted[target] = slide;
        add(target, slide);
      }
    }
  }
  return numbersWhere(size, (slide) => distances[slide]! >= 0 && isEnding(graph, slide)).map((slide) => ({
    slide,
    routes: endless[slide] === 1 ? 'endless' : routesTo(slide),
    shortest: distances[slide]! + 1,
    longest: endless[slide] === 1 ? 'endless' : longest[slide]!,
  }));
}

function longestOf(endings: readonly Ending[]): number | 'endless' | null {
  let most: number | null = null;
  for (const { longest } of endings) {
    if (longest === 'endless') return 'endless';
    most = Math.max(most ?? 0, longest);
  }
  return most;
}

function numbersWhere(size: number, holds: (number: number) => boolean): readonly number[] {
  const found: number[] = [];
  for (let number = 0; number < size; number += 1) if (holds(number)) found.push(number);
  return found;
}
