/** Where everybody pointed: dots over the picture, the thicker the darker, and their clusters. */
import { groundRatio, type PointItem } from '@gobrel/core/deck';
import { spreadOf, tallyPoints, valueAt } from '@gobrel/core/questions';
import { useMemo } from 'react';
import { pictureUrl } from '../../../../shared/api';
import { Heat } from '../../../../shared/watching';
import { messages, withUnit } from '../../../../shared/messages';
import { AnswersCard, type AnswersProps } from './answers-card';

export function PointAnswers({ item, works }: AnswersProps<PointItem>) {
  const tally = useMemo(() => tallyPoints(item, works), [item, works]);
  const { density, dots, clusters } = tally;
  const { axis } = item;
  const share = (value: number) => `${value * 100}%`;
  const middle = axis && dots.length > 0 ? spreadOf(dots.map((dot) => valueAt(axis, dot))).median : null;
  return (
    <AnswersCard item={item} works={works} answered={tally.answered}>
      <div
        className="relative w-full max-w-md overflow-hidden rounded border border-edge bg-paper"
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
            className="absolute -ml-1 -mt-1 size-2 rounded-full border border-[#fffcf5] bg-[#1d2b2a]"
            style={{ left: share(dot.x), top: share(axis ? 0.3 + ((at * 7) % 5) * 0.1 : dot.y) }}
          />
        ))}
      </div>
      {axis && middle !== null ? (
        <p className="mt-1">
          {messages.board.middle}: {Math.round(middle * 100) / 100} {axis.unit}
          {axis.right === null ? '' : ` · ${messages.board.rightAt({ value: withUnit(axis.right, axis.unit) })}`}
        </p>
      ) : (
        <ol className="mt-1 text-sm">
          {clusters.slice(0, 6).map((cluster, at) => (
            <li key={at}>
              {messages.board.cluster({
                count: cluster.count,
                across: Math.round(cluster.x * 100),
                down: Math.round(cluster.y * 100),
              })}
              {cluster.right ? <strong className="text-reed"> ✓ {messages.board.states.right}</strong> : null}
            </li>
          ))}
        </ol>
      )}
    </AnswersCard>
  );
}
