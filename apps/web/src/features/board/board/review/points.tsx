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
  /** Gives points, and what waits next comes. */
  readonly onGiveAndGoOn: (points: number) => void;
  readonly onKey: () => void;
}

/** Up to so many points have a button each. */
const MOST_BUTTONS = 10;

export function Points({ item, edition, work, mark, overruled, onGive, onGiveAndGoOn, onKey }: PointsProps) {
  const says = messages.reviewing;
  const points = overruled?.points ?? mark?.points ?? 0;
  const outOf = mark?.outOf ?? item.points;
  const [why, setWhy] = useState(overruled?.why ?? '');
  return (
    <div className="flex flex-col gap-3 rounded-md border border-rule bg-card p-3">
      <div>
        <p className="text-sm text-soft">{nameOf(item) || messages.kinds[item.kind]}</p>
        <p className="text-[17px] wrap-anywhere">{givenFor(item, work, edition) || messages.board.nothingGiven}</p>
      </div>
      {mark ? (
        <p className="text-sm text-soft">
          {mark.verdict === 'unmarked'
            ? reasonInWords(mark.why)
            : `${says.byKey({ points: mark.points, outOf: mark.outOf })} · ${reasonInWords(mark.why)}`}
        </p>
      ) : null}
      {outOf <= MOST_BUTTONS ? (
        <div role="group" aria-label={says.points({ name: nameOf(item) })} className="flex flex-wrap gap-1">
          {Array.from({ length: Math.floor(outOf) + 1 }, (_, each) => (
            <button
              key={each}
              type="button"
              aria-pressed={overruled?.points === each}
              className="size-11 rounded-md border border-edge bg-card text-lg font-bold tabular-nums hover:border-ink aria-pressed:bg-ink aria-pressed:text-card"
              onClick={() => onGiveAndGoOn(each)}
            >
              {each}
            </button>
          ))}
        </div>
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
            onKeyDown={({ key }) => (key === 'Enter' ? onGiveAndGoOn(points) : undefined)}
          />
        </span>
        <span className="pb-2 text-soft">{says.outOf({ points: outOf })}</span>
        {overruled ? (
          <Button className="ms-auto" onClick={onKey}>
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
