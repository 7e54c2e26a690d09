/** Words with formulas among them, which their item carries the drawings of. */
import {
  type FormulaDrawing,
  type FormulaDrawings,
  formulaParts,
  isDrawn,
  type MathNode,
  type TypedFormula,
} from '@gobrel/core/deck';
import { createContext, createElement, Fragment, type ReactNode, useContext } from 'react';

/** The drawings that formulas below are drawn by. */
const Drawings = createContext<FormulaDrawings>({});

/** Gives formulas in the words of an item their drawings. */
export function FormulasOf({ item, children }: { item: { readonly formulas: FormulaDrawings }; children: ReactNode }) {
  // Hardly any item has formulas: the others need nothing around them.
  for (const _source in item.formulas) return <Drawings value={item.formulas}>{children}</Drawings>;
  return children;
}

/** Some words, with their formulas drawn; one without a drawing stands as it was typed. */
export function Words({ text }: { text: string }) {
  const drawings = useContext(Drawings);
  const parts = formulaParts(text);
  if (parts.length === 1 && parts[0]?.is === 'words') return text;
  return parts.map((part, place) =>
    part.is === 'words' ? (
      <Fragment key={place}>{part.text}</Fragment>
    ) : (
      <FormulaView key={place} typed={part} drawing={drawings[part.source] ?? null} />
    ),
  );
}

/** A formula by its drawing, as large as the letters around it. */
export function FormulaView({ typed, drawing }: { typed: TypedFormula; drawing: FormulaDrawing | null }) {
  if (!drawing || !isDrawn(drawing)) return <code className="gv-formula-source">{typed.source}</code>;
  const { width, height, depth, outline, words, spoken } = drawing;
  return (
    <span className={typed.byItself ? 'gv-formula gv-by-itself' : 'gv-formula'}>
      <span
        className="gv-formula-box"
        style={{ width: em(width), height: em(height + depth), verticalAlign: em(-depth) }}
      >
        <svg
          viewBox={`0 ${String(-height)} ${String(width)} ${String(height + depth)}`}
          data-says={typed.tex}
          aria-hidden="true"
        >
          <path d={outline} />
        </svg>
        {words.map(({ text, x, y, size }, place) => (
          <span
            key={place}
            className="gv-formula-words"
            aria-hidden="true"
            style={{ fontSize: em(size), left: em((x / size) * 1000), top: em(((y + height) / size) * 1000 - 1000) }}
          >
            {text}
          </span>
        ))}
        {spoken ? <span className="gv-spoken">{mathElement(spoken, 0)}</span> : null}
      </span>
    </span>
  );
}

/** Thousandths of the letters' size as a length. */
function em(thousandths: number): string {
  return `${String(thousandths / 1000)}em`;
}

function mathElement({ is, says, holds = [] }: MathNode, key: number): ReactNode {
  return createElement(is, { key }, says ?? holds.map(mathElement));
}
