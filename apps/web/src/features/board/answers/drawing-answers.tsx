/** Everybody's drawings over each other. */
import { type DrawItem, groundRatio } from '@gobrel/core/deck';
import { layerDrawings } from '@gobrel/core/questions';
import { pictureUrl } from '../../../shared/api';
import { DrawingLayers } from '../../../shared/watching';
import { messages } from '../../../shared/messages';
import { AnswersCard, type AnswersProps } from './answers-card';
import { pictureWidth, useChartPlace } from './chart-place';

export function DrawingAnswers({ item, works }: AnswersProps<DrawItem>) {
  const place = useChartPlace();
  const { drew } = layerDrawings(item, works);
  return (
    <AnswersCard item={item} works={works} answered={drew}>
      <div
        className={`relative w-full overflow-hidden rounded border border-edge bg-paper ${pictureWidth(place)}`}
        style={{ aspectRatio: groundRatio(item) }}
        role="img"
        aria-label={messages.board.layered({ count: drew })}
      >
        {item.picture === '' ? null : (
          <img src={pictureUrl(item.picture)} alt="" className="absolute inset-0 size-full object-contain opacity-60" />
        )}
        <DrawingLayers item={item} works={works} />
      </div>
    </AnswersCard>
  );
}
