/** Chooses the deck that is handed out, for who begins with the lesson and not with a deck. */
import type { DeckSummary } from '@gobrel/contract';
import { Dialog } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { DeckChoice } from '../deck-choice';

interface ChooseDeckProps {
  readonly onChoose: (deck: DeckSummary) => void;
  readonly onClose: () => void;
}

export function ChooseDeckDialog({ onChoose, onClose }: ChooseDeckProps) {
  return (
    <Dialog title={messages.lessons.chooseDeck} open onClose={onClose} wide>
      <DeckChoice onChoose={onChoose} />
    </Dialog>
  );
}
