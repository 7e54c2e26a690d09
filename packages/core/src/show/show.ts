/** A show as a state machine: where we are, how we got here, and what a step leads to. */
import { type Deck, type Destination, type SlideId } from '../deck/index.js';
import { firstSlide, nextInOrder, slideLedTo } from '../routes/index.js';

/** The state of a show: the slides walked, in order; the last is the one shown. Never empty. */
export interface ShowState {
  readonly way: readonly [SlideId, ...SlideId[]];
}

/** A step somebody asks for. */
export type ShowStep =
  | { readonly type: 'next' }
  | { readonly type: 'back' }
  | { readonly type: 'restart' }
  | { readonly type: 'go'; readonly slideId: SlideId }
  | { readonly type: 'follow'; readonly destination: Destination };

/** Why a step led nowhere. */
export type Refusal = 'links-only' | 'at-end' | 'at-start' | 'at-first' | 'destination-gone';

/** What a step led to: a new state, the end of the walk, a web address to open beside the show, or a refusal. */
export type StepResult =
  | { readonly type: 'moved'; readonly state: ShowState }
  | { readonly type: 'ended' }
  | { readonly type: 'open-web'; readonly address: string }
  | { readonly type: 'refused'; readonly why: Refusal };

/** The most steps a way remembers; the oldest are forgotten first. */
const LONGEST_WAY = 500;

/** A show that begins at a slide, or at the first of the running order; `null` in a deck without slides. */
export function startShow(deck: Deck, at?: SlideId): ShowState | null {
  const start = at !== undefined && deck.slides[at] ? at : firstSlide(deck)?.id;
  return start === undefined ? null : { way: [start] };
}

/** A show taken up again along a way walked earlier; slides that are gone are passed over. */
export function resumeShow(deck: Deck, way: readonly SlideId[]): ShowState | null {
  const [first, ...rest] = way.filter((id) => deck.slides[id]);
  return first === undefined ? startShow(deck) : { way: [first, ...rest] };
}

/** The slide that is shown. */
export function shownSlide(state: ShowState): SlideId {
  return state.way.at(-1) ?? state.way[0];
}

/** What a step leads to. *Back* returns along the way that was walked, not along the order. */
export function takeStep(deck: Deck, state: ShowState, step: ShowStep): StepResult {
  const here = shownSlide(state);
  switch (step.type) {
    case 'next': {
      if (deck.slides[here]?.exits === 'links-only') return { type: 'refused', why: 'links-only' };
      const next = nextInOrder(deck, here);
      return next ? walkTo(state, next.id) : { type: 'refused', why: 'at-end' };
    }
    case 'back': {
      const [first, ...rest] = state.way;
      if (rest.length === 0) return { type: 'refused', why: 'at-start' };
      return { type: 'moved', state: { way: [first, ...rest.slice(0, -1)] } };
    }
    case 'restart': {
      const first = firstSlide(deck);
      return first ? { type: 'moved', state: { way: [first.id] } } : { type: 'refused', why: 'destination-gone' };
    }
    case 'go':
      return deck.slides[step.slideId] ? walkTo(state, step.slideId) : { type: 'refused', why: 'destination-gone' };
    case 'follow':
      return follow(deck, state, step.destination);
  }
}

function follow(deck: Deck, state: ShowState, destination: Destination): StepResult {
  switch (destination.to) {
    case 'back':
    case 'restart':
      return takeStep(deck, state, { type: destination.to });
    case 'end':
      return { type: 'ended' };
    case 'web':
      return { type: 'open-web', address: destination.address };
    default: {
      const slideId = slideLedTo(deck, shownSlide(state), destination);
      if (slideId !== null) return walkTo(state, slideId);
      return { type: 'refused', why: refusals[destination.to] };
    }
  }
}

/** Why a link leads to no slide. */
const refusals = {
  slide: 'destination-gone',
  next: 'at-end',
  previous: 'at-first',
  first: 'destination-gone',
  last: 'destination-gone',
} as const;

function walkTo(state: ShowState, slideId: SlideId): StepResult {
  const [first, ...rest] = [...state.way, slideId].slice(-LONGEST_WAY);
  return first === undefined ? { type: 'moved', state } : { type: 'moved', state: { way: [first, ...rest] } };
}
