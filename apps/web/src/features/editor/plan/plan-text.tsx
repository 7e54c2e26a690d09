/** The plan as text to type in, with a mark at each line that something is wrong with. */
import type { Language } from '@gobrel/core/deck';
import { inLanguage } from '@gobrel/slide-view';
import { TriangleAlert } from 'lucide-react';
import { useLayoutEffect, useMemo, useRef } from 'react';
import { messages } from '../../../shared/messages';
import { lineAt, piecesByFaults, reachOfLine } from './plan-lines';

/** A line that somebody goes to from elsewhere. */
export interface SoughtLine {
  /** Counted from 1. */
  readonly line: number;
}

interface PlanTextProps {
  readonly text: string;
  /** The language it is spelled in; `null` when it is the page's. */
  readonly language: Language | null;
  /** What is wrong with lines, in words; lines are counted from 1. */
  readonly faults: ReadonlyMap<number, string>;
  /** The line to go to; a new one each time somebody wants to. */
  readonly sought: SoughtLine | null;
  readonly onType: (text: string) => void;
  /** Somebody is in a line, counted from 1. */
  readonly onLine: (line: number) => void;
}

/** What is typed and what is marked lie on one another, letter by letter. */
const LETTERS = 'col-start-1 row-start-1 py-4 ps-10 pe-4 text-[16px]/[27px] whitespace-pre-wrap break-words';

export function PlanText({ text, language, faults, sought, onType, onLine }: PlanTextProps) {
  const pieces = useMemo(
    () => piecesByFaults(text, [...faults.keys(), ...(sought ? [sought.line] : [])]),
    [text, faults, sought],
  );
  const field = useRef<HTMLTextAreaElement>(null);
  const typed = useRef(text);
  useLayoutEffect(() => {
    typed.current = text;
  }, [text]);
  useLayoutEffect(() => {
    const area = field.current;
    if (!area || !sought) return;
    const { start, end } = reachOfLine(typed.current, sought.line);
    area.focus({ preventScroll: true });
    area.setSelectionRange(start, end);
    // The field is as high as its text; what is marked behind it knows where the line stands.
    void area.parentElement?.querySelector(`[data-line="${sought.line}"]`)?.scrollIntoView({ block: 'center' });
  }, [sought]);
  return (
    <div className="min-h-0 flex-1 overflow-y-auto rounded-md border border-edge bg-card focus-within:outline-2 focus-within:outline-dusk">
      <div {...inLanguage(language)} className="relative grid min-h-full">
        {/* Read from the list of what is wrong; here it is seen. */}
        <div aria-hidden className={`${LETTERS} text-transparent`}>
          {pieces.map(({ text: piece, faulty }, at) =>
            faulty === null ? (
              piece
            ) : (
              <mark
                key={at}
                data-line={faulty}
                className={`relative bg-transparent text-transparent ${faults.has(faulty) ? 'plan-fault' : ''}`}
              >
                {faults.has(faulty) ? (
                  <span title={faults.get(faulty)} className="absolute top-0 z-[1] text-amber -start-7">
                    <TriangleAlert size={18} />
                  </span>
                ) : null}
                {piece}
              </mark>
            ),
          )}
          {/* A line more, as there is room for one to be typed. */}
          {'\n\u200b'}
        </div>
        <textarea
          ref={field}
          value={text}
          spellCheck
          aria-label={messages.plan.title}
          aria-describedby="plan-how"
          placeholder={messages.plan.placeholder}
          className={`${LETTERS} size-full resize-none overflow-hidden bg-transparent text-ink outline-none`}
          onChange={({ target }) => onType(target.value)}
          onSelect={({ currentTarget }) => onLine(lineAt(currentTarget.value, currentTarget.selectionStart))}
        />
      </div>
    </div>
  );
}
