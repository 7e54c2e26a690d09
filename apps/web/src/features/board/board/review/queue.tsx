/** The queue of answers: each group with what waits in it; what needs nothing is folded away at its end. */
import { isQuestion } from '@gobrel/core/questions';
import { nameOf } from '@gobrel/core/deck';
import type { ReviewState } from '@gobrel/core/review';
import { ChevronDown, ChevronUp } from 'lucide-react';
import { useEffect, useRef } from 'react';
import { listed, messages } from '../../../../shared/messages';
import { isPassedBy, type Order, type Place, type PlaceGroup } from './places';

interface QueueProps {
  readonly groups: readonly PlaceGroup[];
  readonly order: Order;
  readonly here: Place;
  /** The groups of which everything is shown. */
  readonly unfolded: ReadonlySet<string>;
  readonly onUnfold: (groupId: string) => void;
  readonly onGo: (place: Place) => void;
}

export function Queue({ groups, order, here, unfolded, onUnfold, onGo }: QueueProps) {
  const says = messages.reviewing;
  return (
    <nav
      aria-label={says.queue}
      className="flex flex-col gap-4 max-md:max-h-48 max-md:overflow-y-auto md:row-span-2 lg:row-span-1"
    >
      {groups.map((group) => {
        const waiting = group.places.filter(({ state }) => state === 'waits').length;
        const passed = group.places.filter(isPassedBy);
        const isUnfolded = unfolded.has(group.id);
        const shown = group.places.filter((place) => isUnfolded || place === here || !isPassedBy(place));
        return (
          <div key={group.id} role="group" aria-label={group.name}>
            <h2 className="flex items-baseline justify-between gap-2 border-b border-ink pb-1 font-sans text-sm">
              <span className="line-clamp-2">{group.name}</span>
              <span className="flex-none font-semibold text-soft">
                {waiting > 0 ? says.left({ count: waiting }) : says.noneLeft}
              </span>
            </h2>
            <ol>
              {shown.map((place) => (
                <Row
                  key={`${place.who} ${place.item.id}`}
                  place={place}
                  order={order}
                  isHere={place === here}
                  onGo={onGo}
                />
              ))}
            </ol>
            {passed.length > 0 ? (
              <button
                type="button"
                aria-expanded={isUnfolded}
                className="flex min-h-8 w-full items-center justify-between gap-2 text-start text-sm text-soft hover:text-ink"
                onClick={() => onUnfold(group.id)}
              >
                {passedInWords(passed)}
                {isUnfolded ? <ChevronUp size={16} aria-hidden /> : <ChevronDown size={16} aria-hidden />}
              </button>
            ) : null}
          </div>
        );
      })}
    </nav>
  );
}

/** How many need nothing, by why. */
function passedInWords(passed: readonly Place[]): string {
  const says = messages.reviewing.passed;
  const count = (state: ReviewState) => passed.filter((place) => place.state === state).length;
  return listed(
    (['marked', 'empty', 'free'] as const).flatMap((state) =>
      count(state) > 0 ? [says[state]({ count: count(state) })] : [],
    ),
  );
}

interface RowProps {
  readonly place: Place;
  readonly order: Order;
  readonly isHere: boolean;
  readonly onGo: (place: Place) => void;
}

function Row({ place, order, isHere, onGo }: RowProps) {
  const { item, participant, byKey, review, state } = place;
  const row = useRef<HTMLLIElement>(null);
  useEffect(() => {
    // The queue scrolls along with whoever goes through it by keys.
    if (isHere) row.current?.scrollIntoView({ block: 'nearest' });
  }, [isHere]);
  const mark = byKey.items[item.id];
  const points = review.overruled[item.id]?.points ?? (state === 'marked' ? mark?.points : undefined);
  const outOf = mark?.outOf ?? (isQuestion(item) ? item.points : 0);
  return (
    <li ref={row} className="border-b border-rule">
      <button
        type="button"
        aria-current={isHere ? 'true' : undefined}
        className={`flex min-h-8 w-full items-center gap-2 px-1 text-start text-sm pointer-coarse:min-h-11 ${
          isHere ? 'bg-card font-bold shadow-[inset_3px_0_var(--clay)]' : 'hover:bg-rule/40'
        }`}
        onClick={() => onGo(place)}
      >
        <span aria-hidden className={`size-2.5 flex-none rounded-full ${DOTS[state]} ${isHere ? 'ms-1' : ''}`} />
        <span className="min-w-0 flex-1 truncate">
          {order === 'byQuestion' ? participant.name : nameOf(item) || messages.kinds[item.kind]}
        </span>
        <span className="flex-none tabular-nums text-soft">
          {points === undefined ? (
            <span className={state === 'waits' ? 'font-semibold text-dusk' : ''}>
              {messages.reviewing.states[state]}
            </span>
          ) : (
            messages.onSlides.points({ points, outOf })
          )}
        </span>
      </button>
    </li>
  );
}

const DOTS: Readonly<Record<ReviewState, string>> = {
  waits: 'bg-dusk',
  reviewed: 'bg-reed',
  marked: 'border-2 border-reed',
  empty: 'border-2 border-edge',
  free: 'border-2 border-edge',
};
