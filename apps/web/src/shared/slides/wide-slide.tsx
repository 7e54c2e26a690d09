/** A slide as wide as the place it is given, whatever that is; what lies over it lies over the whole slide. */
import { type Deck, type SlideId, sizeOf } from '@gobrel/core/deck';
import type { Marks } from '@gobrel/core/questions';
import type { Work } from '@gobrel/core/work';
import { SlideView, useRoom } from '@gobrel/slide-view';
import type { ReactNode } from 'react';

interface WideSlideProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  readonly label: string;
  readonly work?: Work;
  readonly marks?: Marks | undefined;
  /** The most it is made wide, in CSS pixels. */
  readonly widest?: number;
  readonly children?: ReactNode;
}

export function WideSlide({ deck, slideId, label, work, marks, widest, children }: WideSlideProps) {
  const [around, { width }] = useRoom<HTMLSpanElement>();
  const size = sizeOf(deck);
  return (
    <span
      ref={around}
      className="relative block w-full overflow-hidden"
      style={{ aspectRatio: `${size.width} / ${size.height}`, maxWidth: widest }}
    >
      {width > 0 ? (
        <SlideView
          deck={deck}
          slideId={slideId}
          width={width}
          label={label}
          {...(work ? { work } : {})}
          {...(marks ? { marks } : {})}
        />
      ) : null}
      {children}
    </span>
  );
}
