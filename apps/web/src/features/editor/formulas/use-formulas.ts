/** Keeps the drawings of formulas with the items they are in, while somebody writes. */
import { drawFormulas, type FormulaDrawing, NOT_DRAWN, staleFormulas } from '@gobrel/core/deck';
import { writeChanges } from '@gobrel/core/shared-doc';
import { useEffect } from 'react';
import type { Editing } from '../state/editing';
import { drawFormula } from './draw-formula';

/** How long nothing has to change before formulas are drawn, in milliseconds. */
const REST = 250;
/** Whoever drew them: drawings follow the words, and nobody takes them back by themselves. */
const DRAWN = 'drawn formulas';

/** Draws what lacks a drawing, and lets go of drawings of formulas that are gone. */
export function useFormulas({ deck, doc }: Editing): void {
  useEffect(() => {
    const stale = staleFormulas(deck);
    if (stale.length === 0) return;
    let isCurrent = true;
    const draw = async () => {
      const typed = stale.flatMap(({ itemId, formulas }) =>
        formulas.filter(({ source }) => !deck.items[itemId]?.formulas[source]),
      );
      const drawings = await Promise.all(
        typed.map(async (formula) => {
          const result = await drawFormula(formula);
          return [formula.source, 'drawing' in result ? result.drawing : NOT_DRAWN] as const;
        }),
      );
      if (!isCurrent) return;
      const known = new Map<string, FormulaDrawing>(drawings);
      writeChanges(
        doc,
        stale.flatMap((each) => drawFormulas(deck, each, known)),
        DRAWN,
      );
    };
    const timer = setTimeout(() => void draw(), REST);
    return () => {
      isCurrent = false;
      clearTimeout(timer);
    };
  }, [deck, doc]);
}
