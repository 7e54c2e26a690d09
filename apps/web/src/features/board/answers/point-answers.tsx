/** Where everybody pointed: dots over the picture, the thicker the darker, and their spots by number. */
import { groundRatio, type PointItem } from '@gobrel/core/deck';
import { spreadOf, tallyPoints, valueAt } from '@gobrel/core/questions';
import { useMemo } from 'react';
import { pictureUrl } from '../../../shared/api';
import { Heat } from '../../../shared/watching';
import { messages, withUnit } from '../../../shared/messages';
import { AnswersCard, type AnswersProps } from './answers-card';
import { pictureWidth, useChartPlace } from './chart-place';
import { CountRow, CountRows } from './count-rows';

/** So many spots are numbered; the dots of the others are seen all the same. */
const MOST_SPOTS = 6;

export function PointAnswers({ item, works }: AnswersProps<PointItem>) {
  const place = useChartPlace();
  const tally = useMemo(() => tallyPoints(item, works), [item, works]);
  const { density, dots, clusters } = tally;
  const { axis } = item;
  const spots = clusters.slice(0, MOST_SPOTS);
  const share = (value: number) => `${value * 100}%`;
  const middle = axis && dots.length > 0 ? spreadOf(dots.map((dot) => valueAt(axis, dot))).median : null;
  return (
    <AnswersCard item={item} works={works} answered={tally.answered}>
      <div className={place.isLarge ? 'flex items-start gap-[1em]' : ''}>
        <div
          className={`relative w-full flex-none overflow-hidden rounded border border-edge bg-paper ${pictureWidth(place)}`}
          style={{ aspectRatio: axis ? '4 / 1' : groundRatio(item) }}
          role="img"
          aria-label={messages.board.clusters({ count: clusters.length })}
        >
          {item.picture === '' ? null : (
            <img src={pictureUrl(item.picture)} alt="" className="absolute inset-0 size-full object-contain" />
          )}
          {axis ? null : <Heat density={density} />}
          {axis ? (
            <span aria-hidden className="absolute inset-x-1 bottom-0 flex justify-between text-sm">
              <span>{axis.from}</span>
              <span>{[axis.to, axis.unit].join(' ')}</span>
            </span>
          ) : null}
          {dots.map((dot, at) => (
            <span
              key={at}
              className="absolute -ms-1 -mt-1 size-2 rounded-full border border-[#fffcf5] bg-[#1d2b2a]"
              style={{ left: share(dot.x), top: share(axis ? 0.3 + ((at * 7) % 5) * 0.1 : dot.y) }}
            />
          ))}
          {axis
            ? null
            : spots.map((spot, at) => (
                <span
                  key={at}
                  aria-hidden
                  className={`absolute flex size-[1.6em] -translate-x-1/2 -translate-y-1/2 items-center justify-center rounded-full border-2 bg-[#fffcf5] font-bold text-[#1d2b2a] ${
                    place.isKeyShown && !spot.right ? 'border-dashed border-[#9b2242]' : 'border-[#1d2b2a]'
                  }`}
                  style={{ left: share(spot.x), top: share(spot.y) }}
                >
                  {at + 1}
                </span>
              ))}
        </div>
        {axis && middle !== null ? (
          <p className="mt-1">
            {messages.board.middle}: {Math.round(middle * 100) / 100} {axis.unit}
            {axis.right === null || !place.isKeyShown
              ? ''
              : ` · ${messages.board.rightAt({ value: withUnit(axis.right, axis.unit) })}`}
          </p>
        ) : (
          <div className={place.isLarge ? 'min-w-0 flex-1' : 'mt-[0.4em] w-full max-w-md'}>
            <CountRows>
              {spots.map(({ count, right }, at) => (
                <CountRow key={at} letter={String(at + 1)} count={count} of={tally.answered} isRight={right}>
                  {messages.board.spot({ number: at + 1 })}
                </CountRow>
              ))}
            </CountRows>
          </div>
        )}
      </div>
    </AnswersCard>
  );
}
