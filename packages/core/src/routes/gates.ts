/**
 * Which ways that wait for something can be walked at all. Whoever walks can always go back along the way they came,
 * and what was seen or done stays so: so whatever can be reached can be reached within one walk, and a gate opens as
 * soon as what it waits for is among it. Ways are let through one after the other until none opens any more.
 */
import { type RouteGraph, Wait } from './route-graph.js';

/** A graph in which no way waits for anything. */
export type OpenWays = Omit<RouteGraph, 'waits' | 'carriers'>;

/** What is left of a graph when its gates are taken out. */
interface OpenGraph {
  /** The ways that can be walked. */
  readonly graph: OpenWays;
  /** The ways that are come to and never open, by their number in the graph they were taken from. */
  readonly shut: readonly number[];
}

/** Takes the gates out of a graph: the ways that open stay, those that never do go. Linear in slides and ways. */
export function openGates(graph: RouteGraph): OpenGraph {
  if (!hasGates(graph)) return { graph, shut: [] };
  const { opened, reached } = walkedThrough(graph);
  const shut: number[] = [];
  const size = graph.ids.length;
  const offsets = new Int32Array(size + 1);
  const targets = new Int32Array(graph.targets.length);
  let kept = 0;
  for (let slide = 0; slide < size; slide += 1) {
    const end = graph.offsets[slide + 1]!;
    for (let way = graph.offsets[slide]!; way < end; way += 1) {
      const isReached = reached[slide] === 1;
      if (isReached ? opened[way] === 1 : !waitsForever(graph, way)) targets[kept++] = graph.targets[way]!;
      else if (isReached) shut.push(way);
    }
    offsets[slide + 1] = kept;
  }
  return { graph: { ...graph, offsets, targets: targets.subarray(0, kept) }, shut };
}

function hasGates({ waits }: RouteGraph): boolean {
  for (let at = 0; at < waits.length; at += 1) if (waits[at] !== Wait.nothing) return true;
  return false;
}

function waitsForever({ waits }: RouteGraph, way: number): boolean {
  return waits[way * 2] === Wait.forever || waits[way * 2 + 1] === Wait.forever;
}

/**
 * The ways that open on the walk of somebody who tries everything, and the slides they come to. Ways that wait for the
 * same thing are a list, linked from one to the next.
 */
function walkedThrough({ ids, start, offsets, targets, waits }: RouteGraph) {
  const size = ids.length;
  const opened = new Uint8Array(targets.length);
  const reached = new Uint8Array(size);
  const queue = new Int32Array(size);
  let [read, written] = [0, 0];
  /** The last way that waits for each slide, and behind them for each number of slides; and the one before each way. */
  const waiting = new Int32Array(2 * size + 2).fill(-1);
  const waitingBefore = new Int32Array(targets.length);
  const again: number[] = [];
  const visit = (slide: number) => {
    reached[slide] = 1;
    queue[written++] = slide;
    for (let way = waiting[slide]!; way >= 0; way = waitingBefore[way]!) again.push(way);
    for (let way = waiting[size + written]!; way >= 0; way = waitingBefore[way]!) again.push(way);
  };
  /** The list in which a way waits for something that is not there yet; -1 when it need not wait. */
  const placeOf = (wait: number): number => {
    if (wait === Wait.nothing) return -1;
    if (wait >= 0) return reached[wait] === 1 ? -1 : wait;
    // More slides than there are will never have been seen.
    if (wait === Wait.forever || -2 - wait > size) return 2 * size + 1;
    return written >= -2 - wait ? -1 : size + (-2 - wait);
  };
  const tryWay = (way: number) => {
    let place = placeOf(waits[way * 2]!);
    if (place < 0) place = placeOf(waits[way * 2 + 1]!);
    if (place >= 0) {
      waitingBefore[way] = waiting[place]!;
      waiting[place] = way;
      return;
    }
    opened[way] = 1;
    const target = targets[way]!;
    if (reached[target] === 0) visit(target);
  };
  if (start >= 0) visit(start);
  while (read < written || again.length > 0) {
    const way = again.pop();
    if (way !== undefined) {
      tryWay(way);
      continue;
    }
    const slide = queue[read++]!;
    const end = offsets[slide + 1]!;
    for (let next = offsets[slide]!; next < end; next += 1) tryWay(next);
  }
  return { opened, reached };
}
