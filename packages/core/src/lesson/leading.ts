/** Leading a class through its slides: together or at everybody's own pace. */
import type { Deck, SlideId } from '../deck/index.js';
import { readStop, shownStop, startShow, type Stop, takeStep } from '../show/index.js';
import type { Lead, LessonState, Pace } from './lesson-state.js';
import type { LessonChange } from './turns.js';

/** Where the teacher leads, on the slides there are now; at the start when they have not led yet. `null` without slides. */
export function leadIn(edition: Deck, { lead }: Pick<LessonState, 'lead'>): Lead | null {
  const [first, ...rest] = lead?.walk.flatMap((stop) => readStop(edition, stop) ?? []) ?? [];
  return first && lead ? { walk: [first, ...rest], seen: lead.seen } : startShow(edition);
}

/** The stop that the whole class is at; `null` while everybody walks alone. */
export function ledStop(edition: Deck, state: LessonState): Stop | null {
  if (state.pace !== 'together') return null;
  const lead = leadIn(edition, state);
  return lead && shownStop(lead);
}

/** Changes the pace. Who was where, and where the teacher led, stays known. */
export function setPace(edition: Deck, state: LessonState, pace: Pace): LessonChange {
  return pace === 'together' ? { pace, lead: leadIn(edition, state) } : { pace };
}

/** Brings everybody to a slide: the teacher leads there, or calls those who walk alone. */
export function leadTo(edition: Deck, state: LessonState, slideId: SlideId): LessonChange {
  const lead = leadIn(edition, state);
  const result = lead && takeStep(edition, lead, { type: 'go', slideId });
  const led: LessonChange = result?.type === 'moved' ? { lead: result.state } : {};
  return state.pace === 'together' ? led : { ...led, ...gather(state, slideId) };
}

/** Calls everybody who walks alone to a slide; it is opened if it was not. */
export function gather(state: LessonState, slideId: SlideId): LessonChange {
  const number = (state.gathering?.number ?? 0) + 1;
  const opened = state.opened === null || state.opened.includes(slideId) ? state.opened : [...state.opened, slideId];
  return { gathering: { slideId, number }, opened };
}

/** Opens or shuts a slide for those who walk alone. */
export function setOpened(edition: Deck, state: LessonState, slideId: SlideId, isOpen: boolean): LessonChange {
  const all = Object.keys(edition.slides);
  const before = state.opened ?? all;
  const opened = isOpen ? [...new Set([...before, slideId])] : before.filter((id) => id !== slideId);
  return { opened: all.every((id) => opened.includes(id)) ? null : opened };
}

/** Whether a slide may be walked to at one's own pace. */
export function isOpened({ opened }: Pick<LessonState, 'opened'>, slideId: SlideId): boolean {
  return opened === null || opened.includes(slideId);
}

/**
 * Gives the class so much time from now on.
 * @param now milliseconds since 1970 by the server's clock
 */
export function beginCountdown(seconds: number, now: number): LessonChange {
  return { countdown: { endsAt: now + seconds * 1000, seconds } };
}

/** What is left of a time, in whole seconds, never below 0; `now` as in `beginCountdown`. */
export function secondsLeft({ endsAt }: { readonly endsAt: number }, now: number): number {
  return Math.max(0, Math.ceil((endsAt - now) / 1000));
}
