/** The card that a question is written on: its prompt, and below it where it is answered. */
import type { ReactNode } from 'react';
import { lettersStyle } from './letters-style.js';

/** Letters of a question whose frame gives room for them, in slide units. */
const QUESTION_LETTERS = 24;

interface QuestionCardProps {
  readonly prompt: string;
  /** Said after the prompt, in smaller letters. */
  readonly note?: string | undefined;
  /** In slide units. */
  readonly letters?: number | undefined;
  readonly children: ReactNode;
}

export function QuestionCard({ prompt, note, letters = QUESTION_LETTERS, children }: QuestionCardProps) {
  return (
    <div className="gv-question" style={lettersStyle(letters)}>
      {prompt || note ? (
        <p className="gv-prompt">
          {prompt} {note ? <small>{note}</small> : null}
        </p>
      ) : null}
      {children}
    </div>
  );
}
