/** Blanks in the sentence they stand in. */
import { type BlankItem, nameOf } from '@gobrel/core/deck';
import { FieldBelow, type FillIn } from '@gobrel/slide-view';
import { fieldId } from './field-id';

interface SentenceFieldProps {
  /** Words and blanks in turn. */
  readonly parts: readonly (string | BlankItem)[];
  readonly fillIn: FillIn;
}

/** Room for each letter of a word that is typed, and around it, in CSS pixels. */
const LETTER = 10;
const AROUND = 34;
const LEAST_WIDTH = 120;

export function SentenceField({ parts, fillIn }: SentenceFieldProps) {
  const hasWords = parts.some((part) => typeof part === 'string');
  return (
    <div className="flex flex-wrap items-center gap-x-2 gap-y-2 text-[17px] font-semibold">
      {parts.map((part, at) =>
        typeof part === 'string' ? (
          <span key={at} className="min-w-0 wrap-anywhere">
            {part}
          </span>
        ) : (
          <span key={part.id} id={fieldId(part.id)} className={hasWords ? 'max-w-full' : 'w-full'}>
            {hasWords ? null : (
              <span aria-hidden className="mb-1.5 block">
                {nameOf(part)}
              </span>
            )}
            <span
              className="block max-w-full font-normal"
              style={hasWords ? { width: widthFor(part, fillIn) } : undefined}
            >
              <FieldBelow item={part} fillIn={fillIn} />
            </span>
          </span>
        ),
      )}
    </div>
  );
}

/** As wide as what is in it, or could be chosen, in CSS pixels. */
function widthFor({ id, options }: BlankItem, { work }: FillIn): number {
  const longest = Math.max(0, ...[...options, work.blanks[id] ?? ''].map(({ length }) => length));
  return Math.max(LEAST_WIDTH, longest * LETTER + AROUND);
}
