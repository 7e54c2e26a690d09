/** What is filled in on a slide, as fields below it: on a phone the slide itself is too small for fingers. */
import type { Deck } from '@gobrel/core/deck';
import type { SlideField } from '@gobrel/core/work';
import { FieldBelow, type FillIn } from '@gobrel/slide-view';
import { AreaField } from './area-field';
import { fieldId } from './field-id';
import { PiecesField } from './pieces-field';
import { SentenceField } from './sentence-field';

export interface SlideFieldsProps {
  readonly edition: Deck;
  readonly fields: readonly SlideField[];
  readonly fillIn: FillIn;
  /** The piece that is being placed; `null` for none. */
  readonly placing: string | null;
  readonly onPlacing: (pieceId: string | null) => void;
  /** Shows the slide large, to draw and move on it. */
  readonly onLarger: () => void;
}

/** The colours of the page rather than those of the slide. */
const PAGE_COLOURS =
  '[--gv-accent:var(--tide)] [--gv-ground:var(--card)] [--gv-soft:var(--soft)] [--gv-words:var(--ink)]';

export function SlideFields({ edition, fields, fillIn, placing, onPlacing, onLarger }: SlideFieldsProps) {
  return (
    <div className={`flex flex-col gap-6 px-4 pb-6 ${PAGE_COLOURS}`}>
      {fields.map((field) => {
        switch (field.type) {
          case 'pieces':
            return (
              <PiecesField
                key="pieces"
                edition={edition}
                field={field}
                fillIn={fillIn}
                placing={placing}
                onPlacing={onPlacing}
              />
            );
          case 'sentence':
            return (
              <SentenceField
                key={field.parts.map((part) => (typeof part === 'string' ? '' : part.id)).join(' ')}
                parts={field.parts}
                fillIn={fillIn}
              />
            );
          case 'item':
            return (
              <div key={field.item.id} id={fieldId(field.item.id)}>
                {field.item.kind === 'open-area' ? (
                  <AreaField item={field.item} fillIn={fillIn} onLarger={onLarger} />
                ) : (
                  <FieldBelow item={field.item} fillIn={fillIn} />
                )}
              </div>
            );
        }
      })}
    </div>
  );
}
