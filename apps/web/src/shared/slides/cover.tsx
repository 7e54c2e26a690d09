/** A deck's cover: the first slide of its show, as wide as the place it is given. */
import { type Deck, sizeOf } from '@gobrel/core/deck';
import { firstSlide } from '@gobrel/core/routes';
import { SlideView, useFittedWidth } from '@gobrel/slide-view';
import { useNear } from './use-near';

export function Cover({ deck }: { deck: Deck }) {
  const [around, width] = useFittedWidth<HTMLDivElement>(sizeOf(deck));
  const [box, isNear] = useNear<HTMLSpanElement>();
  const first = firstSlide(deck);
  return (
    <div ref={around} className="pointer-events-none aspect-video w-full overflow-hidden bg-rule/40">
      <span ref={box} className="flex size-full items-center justify-center">
        {isNear && first && width > 0 ? <SlideView deck={deck} slideId={first.id} width={width} label="" /> : null}
      </span>
    </div>
  );
}
