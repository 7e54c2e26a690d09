/** A slide as a small live picture. */
import { type Deck, drawingOf, numberOf, type SlideId, sizeOf } from '@gobrel/core/deck';
import type { Work } from '@gobrel/core/work';
import { SlideView } from '@gobrel/slide-view';
import { memo } from 'react';
import { useNear } from './use-near';

interface ThumbnailProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  /** Width of the picture, in CSS pixels. */
  readonly width: number;
  /** The number on the slide, where `deck` is only its drawing. */
  readonly number?: number | null;
  readonly label?: string;
  /** Somebody's work, laid over the slide. */
  readonly work?: Work;
}

/** A slide drawn `width` wide, once it comes near the screen; decoration beside its name unless `label` is given. */
export const Thumbnail = memo(function Thumbnail(props: ThumbnailProps) {
  const { deck, slideId, width, number = numberOf(deck, slideId), label = '', work } = props;
  const [element, isNear] = useNear<HTMLSpanElement>();
  const size = sizeOf(deck);
  return (
    <span
      ref={element}
      className="pointer-events-none block overflow-hidden rounded border border-ink/70"
      style={{ width: width + 2, height: (width * size.height) / size.width + 2 }}
    >
      {isNear ? (
        <SlideView
          deck={drawingOf(deck, slideId)}
          slideId={slideId}
          width={width}
          number={number}
          label={label}
          {...(work ? { work } : {})}
        />
      ) : null}
    </span>
  );
});
