/** Picks the slide a new choice leads to, by name: the way to draw a way without a pointer. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { slideName, SlidePicker } from '../../../shared/slides';
import { Dialog } from '../../../shared/ui';
import { words } from '../../../shared/messages';

interface DestinationDialogProps {
  readonly deck: Deck;
  readonly from: SlideId;
  readonly onPick: (slideId: SlideId) => void;
  readonly onClose: () => void;
}

export function DestinationDialog({ deck, from, onPick, onClose }: DestinationDialogProps) {
  return (
    <Dialog title={words.routes.wayTo(slideName(deck, from))} open onClose={onClose} wide>
      <SlidePicker
        deck={deck}
        label={words.editor.findSlide}
        onPick={(slideId) => {
          onPick(slideId);
          onClose();
        }}
      />
    </Dialog>
  );
}
