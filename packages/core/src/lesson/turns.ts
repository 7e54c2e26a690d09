/** The turns in which work is shown: who is next, who would like to be, and what the class may do meanwhile. */
export { shuffled } from '../deck/index.js';
import { readString } from '../deck/index.js';
import type { Stop } from '../show/index.js';
import { type AskedInWriting, lessonLimits, type LessonState } from './lesson-state.js';

/** What of a lesson's state changes. */
export type LessonChange = Partial<LessonState>;

/** Puts a participant at the end of the turn list, unless they are on it or showing; their hand goes down. */
export function addTurn(state: LessonState, participantId: string): LessonChange {
  const hands = state.hands.filter((id) => id !== participantId);
  if (state.showing === participantId || state.turnList.includes(participantId)) return { hands };
  return { hands, turnList: [...state.turnList, participantId] };
}

/** Takes a participant off the turn list. */
export function dropTurn(state: LessonState, participantId: string): LessonChange {
  return { turnList: state.turnList.filter((id) => id !== participantId) };
}

/** Moves a participant to a place in the turn list, counted from 0 among the others. */
export function moveTurn(state: LessonState, participantId: string, place: number): LessonChange {
  if (!state.turnList.includes(participantId)) return {};
  const others = state.turnList.filter((id) => id !== participantId);
  return { turnList: [...others.slice(0, Math.max(0, place)), participantId, ...others.slice(Math.max(0, place))] };
}

/**
 * Begins a participant's turn; a turn that was on ends.
 * @param now milliseconds since 1970 by the server's clock
 */
export function startTurn(state: LessonState, participantId: string, now: number): LessonChange {
  const { turnSeconds } = state;
  return {
    ...dropTurn(state, participantId),
    hands: state.hands.filter((id) => id !== participantId),
    showing: participantId,
    turnTime: turnSeconds > 0 ? { endsAt: now + turnSeconds * 1000, seconds: turnSeconds } : null,
    steeredTo: null,
    answersShown: null,
    chartShown: null,
    applause: 0,
    asked: [],
  };
}

/** Ends the turn that is on. */
export function endTurn(): LessonChange {
  return { showing: null, turnTime: null, steeredTo: null, applause: 0, asked: [] };
}

/** Begins the turn of whoever is next; ends the one that is on when nobody is.@param now in milliseconds since 1970, by the server's clock */
export function nextTurn(state: LessonState, now: number): LessonChange {
  const [next] = state.turnList;
  return next === undefined ? endTurn() : startTurn(state, next, now);
}

/** Takes over the slides that are shown, or hands them back to whoever shows. */
export function steerTurn(stop: Stop | null): LessonChange {
  return { steeredTo: stop };
}

/** Raises or lowers a hand; one does not raise it to show what is shown or listed already. */
export function raiseHand(state: LessonState, participantId: string, raised: boolean): LessonChange {
  const others = state.hands.filter((id) => id !== participantId);
  const isIn = state.showing === participantId || state.turnList.includes(participantId);
  return { hands: raised && state.allowed.hands && !isIn ? [...others, participantId] : others };
}

/** Applauds whoever shows, where that is allowed; nobody applauds themselves. */
export function applaud(state: LessonState, participantId: string): LessonChange {
  const { showing, allowed, applause } = state;
  return allowed.applause && showing !== null && showing !== participantId ? { applause: applause + 1 } : {};
}

/** Asks whoever shows, where that is allowed. */
export function askInWriting(state: LessonState, asked: AskedInWriting): LessonChange {
  const text = readString(asked.text.trim(), '', lessonLimits.question);
  if (!state.allowed.questions || state.showing === null || text === '') return {};
  return { asked: [...state.asked, { ...asked, text }].slice(-lessonLimits.asked) };
}
