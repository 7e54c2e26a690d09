/** Phrases that words are made with: numbers, times, where a link leads. */
import type { Destination, Step } from '@gobrel/core/deck';

export const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' });
export const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
export const moment = (iso: string) => `${day.format(new Date(iso))}, ${clock.format(new Date(iso))}`;
export const many = (count: number, one: string, more: string) => `${count} ${count === 1 ? one : more}`;

export function destination(to: Destination): string {
  switch (to.to) {
    case 'slide':
      return 'slide is gone';
    case 'web':
      return to.address.replace(/^https?:\/\//, '');
    default:
      return stepNames[to.to];
  }
}

/** The ways of walking a link can ask for. */
export const stepNames: Readonly<Record<Step, string>> = {
  next: 'next in order',
  previous: 'previous in order',
  first: 'first slide',
  last: 'last slide',
  back: 'back',
  restart: 'restart',
  end: 'the end',
};
