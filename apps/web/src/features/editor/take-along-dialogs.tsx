/** The dialogs by which a deck is taken along as a file. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import { Suspense } from 'react';
import { PaperDialog, PicturesDialog, ShowFileDialog, SlidesFileDialog } from '../exporting';
import type { EditorDialog } from './editor-header';

interface TakeAlongDialogsProps {
  readonly deck: Deck;
  /** The slides that are chosen. */
  readonly chosen: readonly SlideId[];
  readonly open: EditorDialog | null;
  readonly onClose: () => void;
}

export function TakeAlongDialogs({ deck, chosen, open, onClose }: TakeAlongDialogsProps) {
  switch (open) {
    case 'show-file':
      return <ShowFileDialog deck={deck} onClose={onClose} />;
    case 'slides-file':
      return <SlidesFileDialog deck={deck} onClose={onClose} />;
    case 'paper':
      return (
        <Suspense>
          <PaperDialog deck={deck} onClose={onClose} />
        </Suspense>
      );
    case 'pictures':
      return (
        <Suspense>
          <PicturesDialog deck={deck} chosen={chosen} onClose={onClose} />
        </Suspense>
      );
    default:
      return null;
  }
}
