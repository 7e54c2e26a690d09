/** A show as a state machine: where we are, how we got here, and what a step leads to. */
import type { ByAnswer, Deck, Destination, InDeck, ItemId, SlideId, ToFile } from '../deck/index.js';
import { firstSlide, nextInOrder, slideLedTo, viewpointAt } from '../routes/index.js';
import { emptyWork } from '../work/index.js';
import { type Hold, holdOf, type Missing, branchByAnswer, type Walker } from './gates.js';
import { isSameStop, type Stop, stopAtViewpoint, stopsOf } from './stops.js';

/** The state of a show. */
export interface ShowState {
  /** The stops walked, in order; the last is where we are. Never empty. */
  readonly walk: readonly [Stop, ...Stop[]];
  /** The slides seen, each once, also those one has gone back from. */
  readonly seen: readonly SlideId[];
}

/** A step somebody asks for. */
export type ShowStep =
  | { readonly type: 'next' }
  | { readonly type: 'back' }
  | { readonly type: 'restart' }
  /** Returns along the walk to one of its stops, counted from 0. */
  | { readonly type: 'back-to'; readonly place: number }
  | { readonly type: 'go'; readonly slideId: SlideId }
  /** Looks at a viewpoint. */
  | { readonly type: 'look'; readonly viewpointId: ItemId }
  | { readonly type: 'follow'; readonly destination: Destination };

/** Why a step led nowhere. */
export type Refusal = 'links-only' | 'at-end' | 'at-start' | 'at-first' | 'destination-gone' | 'unanswered' | 'no-way';

/** What a step led to. */
type StepResult =
  | { readonly type: 'moved'; readonly state: ShowState }
  | { readonly type: 'ended' }
  | { readonly type: 'open-web'; readonly address: string }
  | { readonly type: 'open-deck'; readonly place: InDeck }
  | { readonly type: 'open-file'; readonly file: ToFile }
  /** The gate of the link is shut. */
  | { readonly type: 'shut'; readonly missing: Missing }
  /** Whether a question is answered right has to be asked where its key is; then the step can be taken again. */
  | { readonly type: 'check'; readonly itemId: ItemId }
  | { readonly type: 'refused'; readonly why: Refusal };

/** The most stops a walk remembers; the oldest are forgotten first. */
const LONGEST_WALK = 500;

/** Somebody who did nothing but walk. */
export const ONLY_WALKING: Walker = { work: emptyWork, isRight: () => false };

/** Somebody whom nothing holds, as a teacher who leads. */
export const FREE_TO_WALK: Walker = { work: emptyWork, isRight: () => true, isFree: true };

/** A show that begins at a slide, or at the first of the running order; `null` in a deck without slides. */
export function startShow(deck: Deck, at?: SlideId): ShowState | null {
  const start = at !== undefined && deck.slides[at] ? at : firstSlide(deck)?.id;
  return start === undefined ? null : { walk: [stopsOf(deck, start)[0]], seen: [start] };
}

/**
 * A show taken up again along slides walked earlier, at the opening stop of the last one; slides that are gone are
 * passed over.
 */
export function resumeShow(
  deck: Deck,
  { walk, seen }: { readonly walk: readonly SlideId[]; readonly seen: readonly SlideId[] },
): ShowState | null {
  const [first, ...rest] = walk.filter((id) => deck.slides[id]).map((id) => stopsOf(deck, id)[0]);
  if (!first) return startShow(deck);
  const known = [...seen.filter((id) => deck.slides[id]), first.slideId, ...rest.map((stop) => stop.slideId)];
  return { walk: [first, ...rest], seen: [...new Set(known)] };
}

/** The stop where a show is. */
export function shownStop(state: ShowState): Stop {
  return state.walk.at(-1) ?? state.walk[0];
}

/** The slide that is shown. */
export function shownSlide(state: ShowState): SlideId {
  return shownStop(state).slideId;
}

/** The slides walked, in order: stops on the same slide that follow one another are one. */
export function slidesWalked({ walk }: Pick<ShowState, 'walk'>): readonly SlideId[] {
  return walk.map((stop) => stop.slideId).filter((slideId, place) => slideId !== walk[place - 1]?.slideId);
}

/**
 * What a step leads to. *Next* goes through the stops of a slide before it leaves it; *back* returns along the walk
 * that was walked, not along the order.
 * @param walker what is known of whoever walks, for gates and links that go by an answer
 */
export function takeStep(deck: Deck, state: ShowState, step: ShowStep, walker: Walker = ONLY_WALKING): StepResult {
  const here = shownStop(state);
  switch (step.type) {
    case 'next': {
      const onward = stopAfter(deck, state);
      if (onward) return walkTo(state, onward);
      if (deck.slides[here.slideId]?.exits === 'links-only') return { type: 'refused', why: 'links-only' };
      const next = nextInOrder(deck, here.slideId);
      return next ? walkTo(state, stopsOf(deck, next.id)[0]) : { type: 'refused', why: 'at-end' };
    }
    case 'back': {
      const [first, ...rest] = state.walk;
      if (rest.length === 0) return { type: 'refused', why: 'at-start' };
      return { type: 'moved', state: { ...state, walk: [first, ...rest.slice(0, -1)] } };
    }
    case 'back-to': {
      const [first, ...rest] = state.walk;
      if (step.place < 0 || step.place > rest.length) return { type: 'refused', why: 'destination-gone' };
      return { type: 'moved', state: { ...state, walk: [first, ...rest.slice(0, step.place)] } };
    }
    case 'restart': {
      const begun = firstSlide(deck) && startShow(deck);
      return begun ? { type: 'moved', state: begun } : { type: 'refused', why: 'destination-gone' };
    }
    case 'go':
      return deck.slides[step.slideId]
        ? walkTo(state, stopsOf(deck, step.slideId)[0])
        : { type: 'refused', why: 'destination-gone' };
    case 'look':
      return lookAt(deck, state, step.viewpointId);
    case 'follow':
      return follow(deck, state, step.destination, walker);
  }
}

/** The stop of the slide that comes after the present one; `null` after the last. */
function stopAfter(deck: Deck, { walk }: ShowState): Stop | null {
  const here = walk.at(-1) ?? walk[0];
  const stops = stopsOf(deck, here.slideId);
  // From where only a link leads, it goes on after the last stop in order that was seen on this visit.
  for (let place = walk.length - 1; walk[place]?.slideId === here.slideId; place -= 1) {
    const walked = walk[place];
    const at = walked ? stops.findIndex((stop) => isSameStop(stop, walked)) : -1;
    if (at >= 0) return stops[at + 1] ?? null;
  }
  return stops[0];
}

function lookAt(deck: Deck, state: ShowState, viewpointId: ItemId): StepResult {
  const viewpoint = viewpointAt(deck, viewpointId);
  return viewpoint ? walkTo(state, stopAtViewpoint(deck, viewpoint)) : { type: 'refused', why: 'destination-gone' };
}

function follow(deck: Deck, state: ShowState, destination: Destination, walker: Walker): StepResult {
  const hold = destination.gate ? holdOf(deck, destination.gate, walker, state.seen) : null;
  if (hold) return heldBy(hold);
  switch (destination.to) {
    case 'back':
    case 'restart':
      return takeStep(deck, state, { type: destination.to });
    case 'end':
      return { type: 'ended' };
    case 'web':
      return { type: 'open-web', address: destination.address };
    case 'deck':
      return { type: 'open-deck', place: destination };
    case 'file':
      return { type: 'open-file', file: destination };
    case 'by-answer':
      return followByAnswer(deck, state, destination, walker);
    case 'viewpoint':
      return lookAt(deck, state, destination.itemId);
    default: {
      const slideId = slideLedTo(deck, shownSlide(state), destination);
      if (slideId !== null) return walkTo(state, stopsOf(deck, slideId)[0]);
      return { type: 'refused', why: refusals[destination.to] };
    }
  }
}

function followByAnswer(deck: Deck, state: ShowState, destination: ByAnswer, walker: Walker): StepResult {
  if (!deck.items[destination.questionId]) return { type: 'refused', why: 'destination-gone' };
  const branch = branchByAnswer(deck, destination, walker);
  if (branch.type === 'unanswered') return { type: 'refused', why: 'unanswered' };
  if (branch.type === 'check') return branch;
  if (branch.slideId === null) return { type: 'refused', why: 'no-way' };
  return takeStep(deck, state, { type: 'go', slideId: branch.slideId });
}

function heldBy(hold: Hold): StepResult {
  return hold.type === 'check' ? hold : { type: 'shut', missing: hold.missing };
}

/** Why a link leads to no slide. */
const refusals = {
  slide: 'destination-gone',
  next: 'at-end',
  previous: 'at-first',
  first: 'destination-gone',
  last: 'destination-gone',
} as const;

function walkTo(state: ShowState, stop: Stop): StepResult {
  const [first, ...rest] = [...state.walk, stop].slice(-LONGEST_WALK);
  const seen = state.seen.includes(stop.slideId) ? state.seen : [...state.seen, stop.slideId];
  return { type: 'moved', state: first ? { walk: [first, ...rest], seen } : state };
}
