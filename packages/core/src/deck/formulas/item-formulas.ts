/** The formulas of items: which there are, and keeping their drawings with them. */
import type { Change } from '../model/change.js';
import type { Deck } from '../model/deck.js';
import type { ItemId } from '../model/identifiers.js';
import type { Item } from '../model/item.js';
import { runsOf } from '../text/rich-text.js';
import { textsOf } from '../text/texts.js';
import { type FormulaDrawing, type FormulaDrawings, MOST_FORMULAS } from './formula-drawing.js';
import { formulaParts, type TypedFormula } from './formula-parts.js';

/** The formulas in all words of an item: in its texts and cells, its prompt, its choices and its label; each once. */
export function formulasIn(item: Item): readonly TypedFormula[] {
  const found = new Map<string, TypedFormula>();
  const look = (text: string) => {
    for (const part of formulaParts(text)) if (part.is === 'formula') found.set(part.source, part);
  };
  for (const { text } of textsOf(item)) for (const run of runsOf(text)) look(run.text);
  if ('prompt' in item) look(item.prompt);
  if ('choices' in item) for (const { text } of item.choices) look(text);
  if (item.kind === 'zone') look(item.label);
  return [...found.values()].slice(0, MOST_FORMULAS);
}

/** Items whose drawings are not those of the formulas in them. */
export interface StaleFormulas {
  readonly itemId: ItemId;
  readonly formulas: readonly TypedFormula[];
}

/** The items of a deck that lack drawings, or carry some of formulas that are gone; none in most decks. */
export function staleFormulas(deck: Deck): readonly StaleFormulas[] {
  return Object.values(deck.items).flatMap((item) => {
    const formulas = formulasOf(item);
    const drawn = Object.keys(item.formulas);
    if (formulas.length === drawn.length && formulas.every(({ source }) => item.formulas[source])) return [];
    return [{ itemId: item.id, formulas }];
  });
}

/** Items hardly ever change, and most have no formula: looked for once. */
const known = new WeakMap<Item, readonly TypedFormula[]>();

function formulasOf(item: Item): readonly TypedFormula[] {
  const before = known.get(item);
  if (before) return before;
  const found = formulasIn(item);
  known.set(item, found);
  return found;
}

/** The change that gives an item its drawings; none when it is gone, or has them. @param drawn as far as it is known */
export function drawFormulas(
  deck: Deck,
  { itemId, formulas }: StaleFormulas,
  drawn: ReadonlyMap<string, FormulaDrawing>,
): readonly Change[] {
  const item = deck.items[itemId];
  if (!item) return [];
  const next: FormulaDrawings = Object.fromEntries(
    formulas.flatMap(({ source }) => {
      const drawing = drawn.get(source) ?? item.formulas[source];
      return drawing ? [[source, drawing]] : [];
    }),
  );
  if (JSON.stringify(next) === JSON.stringify(item.formulas)) return [];
  return [{ type: 'set-item', id: itemId, fields: { formulas: next } }];
}
