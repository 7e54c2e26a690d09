/** What the slides of a deck need for being drawn, brought before: for files made of them, and for devices without a network. */
import type { Deck } from '@gobrel/core/deck';
import { chartDrawing } from './items/chart-view.js';
import { codeDrawing } from './items/web-card-view.js';

/** Brings it. Rejects where something cannot be had just now. */
export async function bringDrawings(deck: Pick<Deck, 'items'>): Promise<void> {
  const items = Object.values(deck.items);
  await Promise.all([
    items.some(({ kind }) => kind === 'chart') ? chartDrawing.bring() : null,
    items.some((item) => item.kind === 'web-card' && item.hasCode) ? codeDrawing.bring() : null,
  ]);
}
