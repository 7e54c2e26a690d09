/** The card that the answers to one question stand on. */
import { type Item, type ItemId, nameOf } from '@gobrel/core/deck';
import type { Sure, Work } from '@gobrel/core/work';
import type { ReactNode } from 'react';
import { messages } from '../../../../shared/messages';

/** What the view of a kind's answers is given. */
export interface AnswersProps<T extends Item> {
  readonly item: T;
  /** The work of everybody who is in. */
  readonly works: readonly Work[];
}

interface AnswersCardProps extends AnswersProps<Item> {
  /** How many answered. */
  readonly answered: number;
  readonly children: ReactNode;
}

export function AnswersCard({ item, works, answered, children }: AnswersCardProps) {
  return (
    <figure className="min-w-0 rounded-md border border-rule bg-card p-4">
      <figcaption className="mb-2">
        <span className="block font-display text-lg font-bold">{nameOf(item) || messages.kinds[item.kind]}</span>
        <span className="text-sm text-soft">
          {messages.board.answered({ count: answered })}
          {'asksSure' in item && item.asksSure ? ` · ${sureInWords(item.id, works)}` : ''}
        </span>
      </figcaption>
      {children}
    </figure>
  );
}

/** How sure everybody was. */
function sureInWords(id: ItemId, works: readonly Work[]): string {
  const count = (step: Sure) => works.filter((work) => work.sure[id] === step).length;
  return ([4, 3, 2, 1] as const).map((step) => `${count(step)} ${messages.asking.sure[step]}`).join(', ');
}
