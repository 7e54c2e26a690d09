/** Placing cards for links to the web. */
import { type Destination, readDestination } from '../links/destination.js';
import { applyChanges, type Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import type { ItemId, SlideId } from '../model/identifiers.js';
import { addItem, setLink } from './items.js';

/** A typed or pasted address as a destination; `null` when it is none, or none of the web. */
export function webDestination(typed: string): Extract<Destination, { to: 'web' }> | null {
  const text = typed.trim();
  if (text === '' || /\s/.test(text)) return null;
  const address = /^[a-z][a-z0-9+.-]*:/i.test(text) ? text : `https://${text}`;
  const destination = readDestination({ to: 'web', address });
  if (destination?.to !== 'web') return null;
  const { hostname } = new URL(destination.address);
  return hostname.includes('.') || hostname === 'localhost' ? destination : null;
}

/** Whether a text is an address of the web and nothing else, as people paste it: with its `http`. */
export function isPastedAddress(text: string): boolean {
  return /^https?:\/\/\S+$/i.test(text.trim()) && webDestination(text) !== null;
}

/** Changes that place a card for an address, or for one that is still to be typed. */
export function addWebCard(deck: Deck, id: ItemId, slideId: SlideId, address: string): readonly Change[] {
  const added = addItem(deck, { id, slideId, kind: 'web-card' });
  const to = webDestination(address);
  return to ? [...added, ...setLink(applyChanges(deck, added), id, to)] : added;
}
