/** Phrases that words are made with: numbers, times, where a link leads. */
import type { Destination } from '@gobrel/core/deck';

export const day = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'long' });
export const clock = new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit' });
export const moment = (iso: string) => `${day.format(new Date(iso))}, ${clock.format(new Date(iso))}`;
export const many = (count: number, one: string, more: string) => `${count} ${count === 1 ? one : more}`;

export function destination(to: Destination): string {
  switch (to.to) {
    case 'slide':
      return 'slide is gone';
    case 'back':
      return 'back';
    case 'restart':
      return 'restart';
    case 'web':
      return to.address.replace(/^https?:\/\//, '');
  }
}
