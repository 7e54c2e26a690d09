/** Picks the slide a new choice leads to, by name: the way to draw a way without a pointer. */
import { type Deck, type SlideId, slidesInOrder } from '@gobrel/core/deck';
import { slideName, Thumbnail } from '../../../slides';
import { Dialog } from '../../../ui';
import { words } from '../../../words';

interface DestinationDialogProps {
  readonly deck: Deck;
  readonly from: SlideId;
  readonly onPick: (slideId: SlideId) => void;
  readonly onClose: () => void;
}

export function DestinationDialog({ deck, from, onPick, onClose }: DestinationDialogProps) {
  return (
    <Dialog title={words.routes.wayTo(slideName(deck, from))} open onClose={onClose} wide>
      <ul className="grid max-h-[60vh] grid-cols-[repeat(auto-fill,minmax(124px,1fr))] gap-3 overflow-auto p-1">
        {slidesInOrder(deck).map((slide) => (
          <li key={slide.id}>
            <button
              type="button"
              className="w-full text-left text-sm"
              onClick={() => {
                onPick(slide.id);
                onClose();
              }}
            >
              <Thumbnail deck={deck} slideId={slide.id} width={120} />
              <span className="block truncate pt-1 font-semibold">{slideName(deck, slide.id)}</span>
            </button>
          </li>
        ))}
      </ul>
    </Dialog>
  );
}
