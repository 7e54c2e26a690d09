/** A deck's cover: the first slide of its show, as wide as the place it is given. */
import { type Deck, sizeOf } from '@gobrel/core/deck';
import { firstSlide } from '@gobrel/core/routes';
import { SlideView, useFittedWidth } from '@gobrel/slide-view';

export function Cover({ deck }: { deck: Deck }) {
  const [around, width] = useFittedWidth<HTMLDivElement>(sizeOf(deck));
  const first = firstSlide(deck);
  return (
    <div
      ref={around}
      className="pointer-events-none flex aspect-video w-full items-center justify-center overflow-hidden bg-rule/40"
    >
      {first && width > 0 ? <SlideView deck={deck} slideId={first.id} width={width} label="" /> : null}
    </div>
  );
}
