/** Phrases that words are made with: numbers, times, where a link leads. */
import type { Destination, Step } from '@gobrel/core/deck';

export const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' });
export const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
export const moment = (iso: string) => `${day.format(new Date(iso))}, ${clock.format(new Date(iso))}`;
export const many = (count: number, one: string, more: string) => `${count} ${count === 1 ? one : more}`;

/** The time of day, with seconds left out. */
export const timeOfDay = (at: Date) => clock.format(at);
/** A stretch of time in minutes and seconds, from seconds. */
export const duration = (seconds: number) => `${Math.floor(seconds / 60)}:${String(seconds % 60).padStart(2, '0')}`;

/** Where a link leads, where the deck it is in is not at hand. */
export function destination(to: Destination): string {
  switch (to.to) {
    case 'slide':
      return 'slide is gone';
    case 'viewpoint':
      return 'viewpoint is gone';
    case 'by-answer':
      return 'by the answer';
    case 'deck':
      return to.title ? `in “${to.title}”` : 'another deck';
    case 'file':
      return to.name || 'a file';
    case 'web':
      return to.address.replace(/^https?:\/\//, '');
    default:
      return stepNames[to.to];
  }
}

/** The ways of walking a link can ask for. */
const stepNames: Readonly<Record<Step, string>> = {
  next: 'next in order',
  previous: 'previous in order',
  first: 'first slide',
  last: 'last slide',
  back: 'back',
  restart: 'restart',
  end: 'the end',
};
