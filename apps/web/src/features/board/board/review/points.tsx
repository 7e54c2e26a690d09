/** An answer with what the key says of it, and the points that the teacher gives instead, with a reason. */
import { type QuestionItem, type Deck, nameOf } from '@gobrel/core/deck';
import { givenFor, type Mark } from '@gobrel/core/questions';
import type { Overruling } from '@gobrel/core/review';
import type { Work } from '@gobrel/core/work';
import { useState } from 'react';
import { Button, Field } from '../../../../shared/ui';
import { messages, reasonInWords } from '../../../../shared/messages';

interface PointsProps {
  readonly item: QuestionItem;
  readonly edition: Deck;
  readonly work: Work;
  readonly mark: Mark | undefined;
  readonly overruled: Overruling | undefined;
  readonly onGive: (points: number, why?: string) => void;
  readonly onKey: () => void;
}

export function Points({ item, edition, work, mark, overruled, onGive, onKey }: PointsProps) {
  const says = messages.reviewing;
  const points = overruled?.points ?? mark?.points ?? 0;
  const outOf = mark?.outOf ?? item.points;
  const [why, setWhy] = useState(overruled?.why ?? '');
  return (
    <div className="flex flex-col gap-2 rounded-md border border-rule bg-card p-3">
      <p className="font-semibold">{nameOf(item) || messages.kinds[item.kind]}</p>
      <p>{givenFor(item, work, edition) || messages.board.nothingGiven}</p>
      {mark ? (
        <p className="text-sm text-soft">
          {mark.verdict === 'unmarked'
            ? reasonInWords(mark.why)
            : `${says.byKey({ points: mark.points, outOf: mark.outOf })} · ${reasonInWords(mark.why)}`}
        </p>
      ) : null}
      <div className="flex items-end gap-2">
        <span className="w-24">
          <Field
            type="number"
            min={0}
            max={outOf}
            step={0.5}
            label={messages.board.marks}
            aria-label={says.points({ name: nameOf(item) })}
            value={points}
            onChange={({ target }) => onGive(Math.max(0, Math.min(outOf, target.valueAsNumber || 0)), why)}
          />
        </span>
        <span className="pb-7 text-soft">{says.outOf({ points: outOf })}</span>
        {overruled ? (
          <Button className="mb-5 ml-auto" onClick={onKey}>
            {says.byTheKey}
          </Button>
        ) : null}
      </div>
      <Field
        label={says.why}
        value={why}
        maxLength={500}
        onChange={({ target }) => setWhy(target.value)}
        onBlur={() => (why === (overruled?.why ?? '') ? undefined : onGive(points, why))}
      />
    </div>
  );
}
