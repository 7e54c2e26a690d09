/** The card that a question is written on: its prompt, and below it where it is answered. */
import type { Box } from '@gobrel/core/geometry';
import type { ReactNode } from 'react';
import { useSlideTheme } from '../slide-theme.js';
import { Words } from '../words.js';
import { BoxGround, drawnBox } from './box-ground.js';
import { lettersStyle } from './letters-style.js';

/** Letters of a question whose frame gives room for them, in slide units. */
const QUESTION_LETTERS = 24;

interface QuestionCardProps {
  /** What is asked; the card fills its frame. */
  readonly item: { readonly prompt: string; readonly frame: Box };
  /** Said after the prompt, in smaller letters. */
  readonly note?: string | undefined;
  /** In slide units. */
  readonly letters?: number | undefined;
  readonly children: ReactNode;
}

export function QuestionCard({
  item: { prompt, frame },
  note,
  letters = QUESTION_LETTERS,
  children,
}: QuestionCardProps) {
  return (
    <div className="gv-question" style={lettersStyle(letters)}>
      <CardGround frame={frame} />
      {prompt || note ? (
        <p className="gv-prompt">
          <Words text={prompt} /> {note ? <small>{note}</small> : null}
        </p>
      ) : null}
      {children}
    </div>
  );
}

/** The card as the theme draws it; nothing where themes draw none, and beside slides. */
export function CardGround({ frame: { width, height } }: { frame: Box }) {
  const theme = useSlideTheme();
  if (!theme?.boxes) return null;
  return (
    <span className="gv-card" aria-hidden="true">
      <BoxGround box={drawnBox(theme, theme.boxes.card)} width={width} height={height} />
    </span>
  );
}
