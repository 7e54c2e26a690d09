/** What the answers to one question stand on: a card on the board, all there is on the class screen. */
import { formulasIn, type Item, type ItemId, nameOf, wordsOf } from '@gobrel/core/deck';
import type { Sure, Work } from '@gobrel/core/work';
import { FormulasOf, Words } from '@gobrel/slide-view';
import type { ReactNode } from 'react';
import { messages } from '../../../shared/messages';
import { useChartPlace } from './chart-place';

/** What the view of a kind's answers is given. */
export interface AnswersProps<T extends Item> {
  readonly item: T;
  /** The work of everybody who is in. */
  readonly works: readonly Work[];
}

interface AnswersCardProps extends AnswersProps<Item> {
  /** What stands in the place of the question. */
  readonly title?: string;
  /** How many answered. */
  readonly answered: number;
  readonly children: ReactNode;
}

export function AnswersCard({ item, works, title, answered, children }: AnswersCardProps) {
  const { isLarge, footOf } = useChartPlace();
  const name = title ?? (nameOf(item) || messages.kinds[item.kind]);
  // A name is cut and read out; with formulas it is drawn in full.
  const shown = title === undefined && item.name === '' && formulasIn(item).length > 0 ? wordsOf(item) : name;
  const drawn = (
    <FormulasOf item={item}>
      <Words text={shown} />
    </FormulasOf>
  );
  const notes = [
    messages.board.answered({ count: answered }),
    'asksSure' in item && item.asksSure ? sureInWords(item.id, works) : '',
  ];
  if (isLarge)
    return (
      <figure aria-label={name} className="flex min-h-0 flex-1 flex-col">
        <figcaption className="mb-[0.6em] border-b border-rule pb-[0.6em]">
          <h1 className="text-[1.5em] leading-tight">{drawn}</h1>
          <span className="text-soft">{notes.filter(Boolean).join(' · ')}</span>
        </figcaption>
        <div className="min-h-0 flex-1 overflow-y-auto">
          <FormulasOf item={item}>{children}</FormulasOf>
        </div>
      </figure>
    );
  return (
    <figure aria-label={name} className="min-w-0 rounded-md border border-rule bg-card">
      <div className="p-4">
        <figcaption className="mb-2">
          <span className="block font-display text-lg font-bold">{drawn}</span>
          <span className="text-sm text-soft">{notes.filter(Boolean).join(' · ')}</span>
        </figcaption>
        <FormulasOf item={item}>{children}</FormulasOf>
      </div>
      {footOf ? (
        <div className="flex min-h-10 flex-wrap items-center gap-2 border-t border-rule px-2">{footOf(item.id)}</div>
      ) : null}
    </figure>
  );
}

/** How sure everybody was. */
function sureInWords(id: ItemId, works: readonly Work[]): string {
  const count = (step: Sure) => works.filter((work) => work.sure[id] === step).length;
  return ([4, 3, 2, 1] as const).map((step) => `${count(step)} ${messages.asking.sure[step]}`).join(', ');
}
