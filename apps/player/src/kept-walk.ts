/** What somebody did in a show file, kept by the browser until they start over: nothing is lost by reloading. */
import type { Deck } from '@gobrel/core/deck';
import { type Work, readWork } from '@gobrel/core/work';

/** Where the work in a deck is kept; decks in files have no ids, so it goes by their title and slides. */
export function placeOf(deck: Deck): string {
  return `gobrel ${deck.title} ${Object.keys(deck.slides).sort().join(' ')}`;
}

export function readKeptWork(place: string): Work {
  return readWork(parsed(place));
}

/** Keeps work; a browser that keeps nothing for files goes without. */
export function keepWork(place: string, work: Work): void {
  try {
    localStorage.setItem(place, JSON.stringify(work));
  } catch {
    // Full, or not allowed: it stays on this page.
  }
}

function parsed(place: string): unknown {
  try {
    return JSON.parse(localStorage.getItem(place) ?? 'null') as unknown;
  } catch {
    return null;
  }
}
