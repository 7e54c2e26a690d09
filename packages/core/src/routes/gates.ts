/**
 * Which ways that wait for something can be walked at all. Whoever walks can always go back along the way they came,
 * and what was seen or done stays so: so whatever can be reached can be reached within one walk, and a gate opens as
 * soon as what it waits for is among it. Ways are let through one after the other until none opens any more.
 */
import { type RouteGraph, Wait } from './route-graph.js';

/** A graph in which no way waits for anything. */
export interface OpenGraph {
  /** The ways that can be walked. */
  readonly graph: RouteGraph;
  /** The ways that are come to and never open, by their number in the graph they were taken from. */
  readonly shut: readonly number[];
}

/** Takes the gates out of a graph: the ways that open stay, those that never do go. Linear in slides and ways. */
export function openGates(graph: RouteGraph): OpenGraph {
  if (!graph.waits.some((wait) => wait !== Wait.nothing)) return { graph, shut: [] };
  const { opened, reached } = walkedThrough(graph);
  const shut: number[] = [];
  const size = graph.ids.length;
  const offsets = new Int32Array(size + 1);
  const kept: number[] = [];
  for (let slide = 0; slide < size; slide += 1) {
    for (let way = graph.offsets[slide]!; way < graph.offsets[slide + 1]!; way += 1) {
      if (opened[way] === 1 || (reached[slide] === 0 && !waitsForever(graph, way))) kept.push(way);
      else if (reached[slide] === 1) shut.push(way);
    }
    offsets[slide + 1] = kept.length;
  }
  return {
    graph: {
      ...graph,
      offsets,
      targets: Int32Array.from(kept, (way) => graph.targets[way]!),
      waits: new Int32Array(kept.length * 2).fill(Wait.nothing),
      carriers: kept.map((way) => graph.carriers[way] ?? null),
    },
    shut,
  };
}

function waitsForever({ waits }: RouteGraph, way: number): boolean {
  return waits[way * 2] === Wait.forever || waits[way * 2 + 1] === Wait.forever;
}

/** The ways that open on the walk of somebody who tries everything, and the slides they come to. */
function walkedThrough({ ids, start, offsets, targets, waits }: RouteGraph) {
  const opened = new Uint8Array(targets.length);
  const reached = new Uint8Array(ids.length);
  const queue: number[] = [];
  /** Ways that wait for a slide, by its number, or for a number of slides, by its wait. */
  const waiting = new Map<number, number[]>();
  const isUnmet = (wait: number) =>
    wait === Wait.nothing ? false : wait >= 0 ? reached[wait] === 0 : wait === Wait.forever || queue.length < -2 - wait;
  const tryWay = (way: number) => {
    const unmet = [waits[way * 2]!, waits[way * 2 + 1]!].find(isUnmet);
    if (unmet === undefined) {
      opened[way] = 1;
      visit(targets[way]!);
    } else {
      const others = waiting.get(unmet);
      if (others) others.push(way);
      else waiting.set(unmet, [way]);
    }
  };
  const again: number[] = [];
  const visit = (slide: number) => {
    if (reached[slide] === 1) return;
    reached[slide] = 1;
    queue.push(slide);
    for (const wait of [slide, -2 - queue.length]) {
      for (const way of waiting.get(wait) ?? []) again.push(way);
      waiting.delete(wait);
    }
  };
  if (start >= 0) visit(start);
  for (let read = 0; read < queue.length || again.length > 0;) {
    const way = again.pop();
    if (way !== undefined) {
      tryWay(way);
      continue;
    }
    const slide = queue[read++]!;
    for (let next = offsets[slide]!; next < offsets[slide + 1]!; next += 1) tryWay(next);
  }
  return { opened, reached };
}
