/** Placing formulas. */
import type { FormulaDrawing } from '../formulas/formula-drawing.js';
import { itemKinds } from '../kinds/item-kinds.js';
import type { Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import { sizeOf } from '../model/deck.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import { plainText } from '../text/rich-text.js';
import { addItem, centredFrame } from './items.js';

/** Letters of a formula by itself, in slide units. */
const LETTERS = 48;
/** The room around it, in letter sizes: that of a text that stands by itself, and a little more. */
const AROUND = { across: 1, down: 1 };
/** The part of the slide that it takes at the most. */
const PART = 0.9;

/** Changes that place a formula by itself, in the middle of a slide: a text that says nothing else, as large as it needs. */
export function addFormula(
  deck: Deck,
  slideId: SlideId,
  source: string,
  drawing: FormulaDrawing,
): { readonly changes: readonly Change[]; readonly made: ItemId } {
  const made = newId();
  const wide = drawing.width / 1000 + AROUND.across;
  const room = sizeOf(deck);
  const size = Math.min(LETTERS, (room.width * PART) / wide);
  const high = (drawing.height + drawing.depth) / 1000 + AROUND.down;
  const frame = centredFrame(deck, { width: Math.round(wide * size), height: Math.round(high * size) });
  const look = { ...itemKinds.text.read({}).look, size, align: 'center', upright: 'middle' } as const;
  const fields = { text: plainText(source), look };
  const changes = addItem(deck, { id: made, slideId, kind: 'text', frame, fields });
  return { changes: [...changes, { type: 'set-item', id: made, fields: { formulas: { [source]: drawing } } }], made };
}
