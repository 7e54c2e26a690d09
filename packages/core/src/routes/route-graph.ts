/**
 * A deck as a graph of numbers, for computing: slides in running order are 0, 1, 2 …; the ways on from slide `s` are
 * `targets[offsets[s]]` up to, but not with, `targets[offsets[s + 1]]` (compressed sparse rows).
 */
import {
  type Deck,
  type Destination,
  type Gate,
  isDangling,
  type ItemId,
  type SlideId,
  slidesInOrder,
} from '../deck/index.js';
import { slidesByAnswer, slideToOpenOn } from '../questions/index.js';
import { firstSlide } from './running-order.js';
import { branchesOf, linksFrom } from './links.js';
import { endsInOrder, endsWalk } from './endings.js';

/**
 * What a way waits for, as a number: a slide that has to have been seen, by its number from 0 on; so many slides that
 * have to have been seen, as `-2 - count`; or one of these.
 */
export const Wait = { nothing: -1, forever: -2 } as const;

/** The ways through a deck. Can be handed to a worker as it is. */
export interface RouteGraph {
  /** The slides by number. */
  readonly ids: readonly SlideId[];
  /** Number of the slide a walk begins at; -1 in a deck without slides. */
  readonly start: number;
  readonly offsets: Int32Array;
  /** Where each way on leads: a way for each link to a slide, and one for *next* where the exits are open. */
  readonly targets: Int32Array;
  /** Two entries a way: what it waits for, as `Wait` says. */
  readonly waits: Int32Array;
  /** The item that carries each way; `null` for *next*. */
  readonly carriers: readonly (ItemId | null)[];
  /** For each slide how many links lead back along the way that was walked. */
  readonly backs: Uint16Array;
  /** For each slide how many links end the walk, or begin it anew. */
  readonly ends: Uint16Array;
  /** For each slide how many links lead nowhere: what they lead to is gone, or was never chosen. */
  readonly open: Uint16Array;
  /** 1 for each slide that is meant as an ending. */
  readonly endings: Uint8Array;
  /** 1 for each slide that is left out of the running order: only links lead to it. */
  readonly leftOut: Uint8Array;
}

/** The graph of a deck's links and running order. Links that are open lead nowhere and are no ways. */
export function routeGraph(deck: Deck): RouteGraph {
  const slides = slidesInOrder(deck);
  const places = new Map(slides.map((slide, place) => [slide.id, place] as const));
  const { following, preceding, last } = neighbours(slides.map((slide) => slide.leftOut));
  const first = places.get(firstSlide(deck)?.id ?? '') ?? -1;
  const offsets = new Int32Array(slides.length + 1);
  const targets: number[] = [];
  const [backs, ends] = [new Uint16Array(slides.length), new Uint16Array(slides.length)];
  const open = new Uint16Array(slides.length);
  const waits: number[] = [];
  const carriers: (ItemId | null)[] = [];
  const add = (target: number, carrier: ItemId | null, gate: number, answer: number = Wait.nothing) => {
    targets.push(target);
    carriers.push(carrier);
    waits.push(gate, answer);
  };
  const waitOf = (gate: Gate | undefined): number => {
    if (!gate) return Wait.nothing;
    switch (gate.opens) {
      case 'seen':
        return places.get(gate.slideId) ?? Wait.forever;
      case 'seen-count':
        return -2 - gate.count;
      default:
        return places.get(slideToOpenOn(deck, gate) ?? '') ?? Wait.forever;
    }
  };
  const placeLedTo = (from: number, destination: Destination): number => {
    switch (destination.to) {
      case 'slide':
        return places.get(destination.slideId) ?? -1;
      case 'viewpoint': {
        const there = places.get(deck.items[destination.itemId]?.slideId ?? '') ?? -1;
        return there === from ? -1 : there;
      }
      case 'next':
        return following[from] ?? -1;
      case 'previous':
        return preceding[from] ?? -1;
      case 'first':
        return first;
      case 'last':
        return last;
      default:
        return -1;
    }
  };
  slides.forEach((slide, from) => {
    for (const { destination, itemId } of linksFrom(deck, slide.id)) {
      const gate = waitOf(destination.gate);
      if (isDangling(deck, destination)) open[from] = (open[from] ?? 0) + 1;
      if (destination.to === 'by-answer') {
        const answer = places.get(deck.items[destination.questionId]?.slideId ?? '') ?? Wait.forever;
        const led = new Set(slidesByAnswer(deck, destination));
        // A branch that no answer leads to is a way that never opens.
        for (const slideId of new Set(branchesOf(deck, slide.id, destination).map((branch) => branch.slideId)))
          add(places.get(slideId) ?? -1, itemId, gate, led.has(slideId) ? answer : Wait.forever);
        continue;
      }
      const target = placeLedTo(from, destination);
      if (target >= 0) add(target, itemId, gate);
      // A link that never opens is no way back and no end either.
      else if (gate === Wait.forever) continue;
      else if (destination.to === 'back') backs[from] = (backs[from] ?? 0) + 1;
      else if (endsWalk(destination)) ends[from] = (ends[from] ?? 0) + 1;
    }
    const next = following[from] ?? -1;
    if (slide.exits === 'open' && next >= 0) add(next, null, Wait.nothing);
    offsets[from + 1] = targets.length;
  });
  return {
    ids: slides.map((slide) => slide.id),
    start: first,
    offsets,
    targets: Int32Array.from(targets),
    waits: Int32Array.from(waits),
    carriers,
    backs,
    ends,
    open,
    // Where the running order ends, a walk ends as it is meant to.
    endings: Uint8Array.from(slides, (slide, place) =>
      slide.ending || endsInOrder(slide, (following[place] ?? -1) >= 0) ? 1 : 0,
    ),
    leftOut: Uint8Array.from(slides, (slide) => (slide.leftOut ? 1 : 0)),
  };
}

/** For each place the next and the previous one that is shown, -1 for none; and the last one shown. */
function neighbours(leftOut: readonly boolean[]) {
  const following = new Int32Array(leftOut.length);
  const preceding = new Int32Array(leftOut.length);
  let next = -1;
  for (let place = leftOut.length - 1; place >= 0; place -= 1) {
    following[place] = next;
    if (!leftOut[place]) next = place;
  }
  let previous = -1;
  leftOut.forEach((out, place) => {
    preceding[place] = previous;
    if (!out) previous = place;
  });
  return { following, preceding, last: previous };
}
