/**
 * A reader who chooses at random, as an absorbing Markov chain: on every slide each way on is as likely as any other,
 * *back* leads to each of the slides from which this one is reached in equal parts, and a walk ends at an ending as likely as by any one way on.
 * Method: Kemeny and Snell, Finite Markov Chains (1960), chapter III. The chain is solved loop by loop: within a loop
 * of k slides the expected visits are the inverse of (1 - P), found by elimination in time k³; everything else is
 * passed on along the ways between loops. The chance that slide j is seen is the visits to j over the visits to j of
 * a walk that begins there.
 */
import { componentsOf } from './components.js';
import { openGates, type OpenWays } from './gates.js';
import type { RouteGraph } from './route-graph.js';

/** What a reader who chooses at random sees. */
export interface Chances {
  /** For each slide the chance that it is seen at all, 0 to 1; `NaN` where the loop is too large to be solved. */
  readonly seen: Float64Array;
  /** For each slide how often it is seen on a walk on the average; `Infinity` in a loop without a way out. */
  readonly visits: Float64Array;
  /** Slides on a walk on the average, each time counted; `Infinity` where a loop without a way out may be met. */
  readonly length: number;
  /** Loops without a way out that may be met, each as its slides by number. */
  readonly endlessLoops: readonly (readonly number[])[];
}

/** Loops of more slides than this are not solved: elimination would take too long. */
const LARGEST_LOOP = 700;

/** The chances of all slides, where ways that wait for something are open when they can be. Takes the time of the largest loop, to the third power. */
export function readingChances(gated: RouteGraph): Chances {
  const { graph } = openGates(gated);
  const chain = chainOf(graph);
  const size = graph.ids.length;
  const seen = new Float64Array(size);
  const visits = new Float64Array(size);
  const arriving = new Float64Array(size);
  const endlessLoops: number[][] = [];
  let length = 0;
  if (graph.start < 0) return { seen, visits, length, endlessLoops };
  const { of, count, members, starts } = componentsOf(chain, graph.start);
  arriving[graph.start] = 1;
  // Ways between loops lead to smaller numbers, so all that arrives at a loop is known when it is come to.
  for (let component = count - 1; component >= 0; component -= 1) {
    const slides = members.subarray(starts[component], starts[component + 1]);
    const solved = solveLoop(chain, slides, arriving);
    if (solved === 'endless') {
      const entering = slides.reduce((sum, slide) => sum + arriving[slide]!, 0);
      for (const slide of slides) [seen[slide], visits[slide]] = [Math.min(1, entering), Infinity];
      if (entering > 0) endlessLoops.push([...slides].sort((a, b) => a - b));
    } else {
      slides.forEach((slide, place) => {
        visits[slide] = solved.visits[place]!;
        seen[slide] = Math.min(1, solved.visits[place]! / solved.returning[place]!);
      });
    }
    for (const slide of slides) {
      length += visits[slide]!;
      for (let way = chain.offsets[slide]!; way < chain.offsets[slide + 1]!; way += 1) {
        const target = chain.targets[way]!;
        if (of[target] !== component) arriving[target] = arriving[target]! + visits[slide]! * chain.chances[way]!;
      }
    }
  }
  return { seen, visits, length, endlessLoops };
}

/** The steps of the chain, each with its chance; what is missing to 1 is the chance that the walk ends there. */
interface Chain {
  readonly offsets: Int32Array;
  readonly targets: Int32Array;
  readonly chances: Float64Array;
}

function chainOf({ ids, offsets, targets, backs, ends, endings }: OpenWays): Chain {
  const size = ids.length;
  const before: number[][] = Array.from({ length: size }, () => []);
  for (let slide = 0; slide < size; slide += 1)
    for (let way = offsets[slide]!; way < offsets[slide + 1]!; way += 1) before[targets[way]!]!.push(slide);
  const made = new Int32Array(size + 1);
  const to: number[] = [];
  const chances: number[] = [];
  for (let slide = 0; slide < size; slide += 1) {
    const reachedFrom = before[slide]!;
    // Back leads nowhere from a slide that nothing leads to.
    const back = reachedFrom.length > 0 ? backs[slide]! : 0;
    const onward = offsets[slide + 1]! - offsets[slide]!;
    const choices = onward + back + ends[slide]! + (endings[slide] === 1 && ends[slide] === 0 ? 1 : 0);
    for (let way = offsets[slide]!; way < offsets[slide + 1]!; way += 1) {
      to.push(targets[way]!);
      chances.push(1 / choices);
    }
    if (back > 0) {
      for (const from of reachedFrom) {
        to.push(from);
        chances.push(back / choices / reachedFrom.length);
      }
    }
    made[slide + 1] = to.length;
  }
  return { offsets: made, targets: Int32Array.from(to), chances: Float64Array.from(chances) };
}

/** Visits within a loop, and visits to each of its slides by a walk that begins there. */
interface Solved {
  readonly visits: Float64Array;
  readonly returning: Float64Array;
}

function solveLoop(chain: Chain, slides: Int32Array, arriving: Float64Array): Solved | 'endless' {
  const size = slides.length;
  const entering = Float64Array.from(slides, (slide) => arriving[slide]!);
  const places = new Map<number, number>();
  slides.forEach((slide, place) => places.set(slide, place));
  let isClosed = true;
  const steps: (readonly [from: number, to: number, chance: number])[] = [];
  for (const [place, slide] of slides.entries()) {
    let staying = 0;
    for (let way = chain.offsets[slide]!; way < chain.offsets[slide + 1]!; way += 1) {
      const to = places.get(chain.targets[way]!);
      if (to === undefined) continue;
      staying += chain.chances[way]!;
      steps.push([place, to, chain.chances[way]!]);
    }
    if (staying < 1 - 1e-12) isClosed = false;
  }
  if (steps.length === 0) return { visits: entering, returning: new Float64Array(size).fill(1) };
  if (isClosed) return 'endless';
  if (size > LARGEST_LOOP) return unsolved(size);
  const matrix = new Float64Array(size * size);
  for (let place = 0; place < size; place += 1) matrix[place * size + place] = 1;
  for (const [from, to, chance] of steps) matrix[from * size + to] = matrix[from * size + to]! - chance;
  const inverse = inverted(matrix, size);
  const visits = new Float64Array(size);
  for (let from = 0; from < size; from += 1)
    for (let to = 0; to < size; to += 1) visits[to] = visits[to]! + entering[from]! * inverse[from * size + to]!;
  return { visits, returning: Float64Array.from(slides, (_slide, place) => inverse[place * size + place]!) };
}

function unsolved(size: number): Solved {
  const unknown = new Float64Array(size).fill(NaN);
  return { visits: unknown, returning: unknown };
}

/**
 * The inverse of (1 - P) by Gauss-Jordan elimination, in place of the matrix. No pivoting is needed: the rows are
 * diagonally dominant, and stay so.
 */
function inverted(matrix: Float64Array, size: number): Float64Array {
  for (let pivot = 0; pivot < size; pivot += 1) {
    const top = pivot * size;
    const scale = 1 / matrix[top + pivot]!;
    matrix[top + pivot] = 1;
    for (let column = 0; column < size; column += 1) matrix[top + column] = matrix[top + column]! * scale;
    for (let row = 0; row < size; row += 1) {
      const factor = matrix[row * size + pivot]!;
      if (row === pivot || factor === 0) continue;
      const left = row * size;
      matrix[left + pivot] = 0;
      for (let column = 0; column < size; column += 1)
        matrix[left + column] = matrix[left + column]! - factor * matrix[top + column]!;
    }
  }
  return matrix;
}
