/** Draws a question answered by drawing: a picture or paper, strokes, and what one draws with. */
import { type DrawItem, groundRatio, wordsInLine } from '@gobrel/core/deck';
import { strokesIn } from '@gobrel/core/questions';
import type { Stroke } from '@gobrel/core/work';
import { useState } from 'react';
import { canAnswer } from '../hands.js';
import { useSurroundings } from '../surroundings.js';
import { DrawingArea } from './drawing-area.js';
import { INKS, type Tool } from './inks.js';
import type { ItemProps } from './item-props.js';
import { QuestionCard } from './question-card.js';

export function DrawView({ item, fillIn }: ItemProps<DrawItem>) {
  const { asking } = useSurroundings().words;
  const [tool, setTool] = useState<Tool>('pen');
  const [color, setColor] = useState<string>(INKS[0]);
  const strokes = fillIn ? strokesIn(item, fillIn.work) : [];
  /** Who can draw here just now. */
  const open = canAnswer(fillIn, item.id) ? fillIn : undefined;
  const draw = (stroke: Omit<Stroke, 'itemId'>) => fillIn?.addStroke({ itemId: item.id, ...stroke });
  const last = strokes.at(-1);
  const tools: readonly (readonly [Tool, string])[] = [
    ['pen', asking.pen],
    ['highlighter', asking.highlighter],
    ['eraser', asking.eraser],
  ];
  return (
    <QuestionCard item={item}>
      <DrawingArea
        item={{ ...item, prompt: wordsInLine(item.prompt, item.formulas), ratio: groundRatio(item) }}
        strokes={strokes}
        hands={open ? { tool, color, draw, erase: open.removeStrokes, say: open.say } : null}
      />
      {open ? (
        <div className="gv-tools" role="toolbar" aria-label={wordsInLine(item.prompt, item.formulas) || asking.pen}>
          {tools.map(([name, label]) => (
            <button key={name} type="button" aria-pressed={tool === name} onClick={() => setTool(name)}>
              {label}
            </button>
          ))}
          {INKS.map((ink) => (
            <button
              key={ink}
              type="button"
              className="gv-ink says-by-colour"
              style={{ background: ink }}
              aria-label={asking.colours[ink]}
              title={asking.colours[ink]}
              aria-pressed={color === ink}
              disabled={tool === 'eraser'}
              onClick={() => setColor(ink)}
            />
          ))}
          <button type="button" disabled={!last} onClick={() => last && open.removeStrokes([last.id])}>
            {asking.undoStroke}
          </button>
        </div>
      ) : null}
    </QuestionCard>
  );
}
