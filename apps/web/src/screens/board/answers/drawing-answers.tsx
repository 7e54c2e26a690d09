/** Everybody's drawings over each other. */
import { type DrawItem, GROUND_WIDTH, groundRatio } from '@gobrel/core/deck';
import { layerDrawings, strokesIn } from '@gobrel/core/questions';
import { pictureUrl } from '../../../server';
import { pathOf } from '../../../watching';
import { words } from '../../../words';
import { AnswersCard, type AnswersProps } from './answers-card';

export function DrawingAnswers({ item, works }: AnswersProps<DrawItem>) {
  const { drew, cells, columns, rows } = layerDrawings(item, works);
  return (
    <AnswersCard item={item} works={works} answered={drew}>
      <div
        className="relative w-full max-w-md overflow-hidden rounded border border-edge bg-paper"
        style={{ aspectRatio: groundRatio(item) }}
        role="img"
        aria-label={words.board.layered(drew)}
      >
        {item.picture === '' ? null : (
          <img src={pictureUrl(item.picture)} alt="" className="absolute inset-0 size-full object-contain opacity-60" />
        )}
        <svg
          className="absolute inset-0 size-full"
          viewBox={`0 0 ${columns} ${rows}`}
          preserveAspectRatio="none"
          aria-hidden
        >
          {cells.map((count, cell) =>
            count === 0 ? null : (
              <rect
                key={cell}
                x={cell % columns}
                y={Math.floor(cell / columns)}
                width={1.02}
                height={1.02}
                fill="#b4492a"
                opacity={(0.6 * count) / Math.max(2, drew)}
              />
            ),
          )}
        </svg>
        <svg
          className="absolute inset-0 size-full"
          viewBox={`0 0 ${GROUND_WIDTH} ${GROUND_WIDTH / groundRatio(item)}`}
          aria-hidden
        >
          {works.flatMap((work, at) =>
            strokesIn(item, work).map((stroke) => (
              <path
                key={`${at} ${stroke.id}`}
                d={pathOf(stroke.points)}
                fill="none"
                stroke={stroke.color}
                strokeWidth={stroke.width}
                opacity={0.45}
                strokeLinecap="round"
                strokeLinejoin="round"
              />
            )),
          )}
        </svg>
      </div>
    </AnswersCard>
  );
}
