/** Picks the slide a new choice leads to, by name: the way to draw a way without a pointer. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { SlidePicker } from '../../../shared/slides';
import { Dialog } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';

interface DestinationDialogProps {
  readonly deck: Deck;
  readonly from: SlideId;
  readonly onPick: (slideId: SlideId) => void;
  readonly onClose: () => void;
}

export function DestinationDialog({ deck, from, onPick, onClose }: DestinationDialogProps) {
  return (
    <Dialog title={messages.routes.wayTo({ name: slideName(deck, from) })} open onClose={onClose} wide>
      <SlidePicker
        deck={deck}
        label={messages.editor.findSlide}
        onPick={(slideId) => {
          onPick(slideId);
          onClose();
        }}
      />
    </Dialog>
  );
}
