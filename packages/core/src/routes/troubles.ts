/** What somebody who walks through a deck would find wrong with its slides. */
import type { RouteFigures } from './figures.js';
import type { RouteGraph } from './route-graph.js';

/**
 * What is wrong with a slide: no way leads to it at all; ways do, but nobody can walk them from the first slide; there
 * is no way on; it is in a loop without a way out; a link on it never opens; a link on it leads nowhere.
 */
export type Trouble = 'unreached' | 'cut-off' | 'dead-end' | 'trapped' | 'shut' | 'open-link';

/** What is wrong, by the number of the slide; slides with nothing wrong are not in it. */
export function troublesOf(graph: RouteGraph, figures: RouteFigures): ReadonlyMap<number, readonly Trouble[]> {
  const { offsets, targets, open } = graph;
  const isLedTo = new Uint8Array(open.length);
  for (const target of targets) isLedTo[target] = 1;
  const troubles = new Map<number, Trouble[]>();
  const add = (slide: number, trouble: Trouble) => {
    const known = troubles.get(slide) ?? [];
    if (!known.includes(trouble)) troubles.set(slide, [...known, trouble]);
  };
  for (const slide of figures.unreached) add(slide, isLedTo[slide] === 1 ? 'cut-off' : 'unreached');
  for (const slide of figures.deadEnds) add(slide, 'dead-end');
  for (const slide of figures.traps.flat()) add(slide, 'trapped');
  for (const way of figures.shut) add(slideOfWay(offsets, way), 'shut');
  open.forEach((count, slide) => {
    if (count > 0) add(slide, 'open-link');
  });
  return troubles;
}

/** The slide that a way leaves from, by number. */
function slideOfWay(offsets: Int32Array, way: number): number {
  return offsets.findIndex((_start, slide) => way < (offsets[slide + 1] ?? Infinity));
}
