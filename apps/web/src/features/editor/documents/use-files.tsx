/** Files that are dropped on the editor, pasted or chosen: pictures and media are placed, documents and presentations ask what of them is wanted. */
import { slidesInOrder, slidesToClip, type SlideId } from '@gobrel/core/deck';
import { type ReactNode, useState } from 'react';
import { saysDocument } from '../../../shared/documents';
import { messages } from '../../../shared/messages';
import { showToast } from '../../../shared/ui';
import { ImportDialog, saysPresentation } from '../../library';
import { saysMedia } from '../media/probe-media';
import type { Editing } from '../state/editing';
import { useStable } from '../state/use-stable';
import { DocumentDialog } from './document-dialog';

interface FilesGiven {
  readonly editing: Editing;
  readonly deckId: string;
  readonly slideId: SlideId;
  readonly placePictures: (files: readonly File[]) => Promise<void>;
  readonly placeMedia: (file: File, name: string) => Promise<void>;
  readonly actions: { readonly paste: (clip: string, after: SlideId) => void };
  readonly onGo: (slideId: SlideId) => void;
}

/** What takes files, and the dialog that asks about one. */
export function useFiles(given: FilesGiven): readonly [(files: readonly File[]) => void, ReactNode] {
  const { editing, slideId, placePictures, placeMedia, actions, onGo } = given;
  const [pdf, setPdf] = useState<File | null>(null);
  const [presentations, setPresentations] = useState<readonly File[]>([]);
  /** One after the other, so that each lies over the one before. */
  const placeInTurn = async (files: readonly File[]) => {
    for (const file of files) await placeMedia(file, file.name);
  };
  const take = useStable((files: readonly File[]) => {
    const isTold = (file: File) => saysMedia(file) || saysDocument(file) || saysPresentation(file);
    const others = files.filter((file) => !isTold(file));
    setPdf(files.find(saysDocument) ?? null);
    setPresentations(files.filter(saysPresentation));
    void placePictures(others.filter(({ type }) => type.startsWith('image/')));
    void placeInTurn(files.filter(saysMedia));
    for (const { name, type } of others)
      if (!type.startsWith('image/')) showToast(messages.media.otherFile({ name }), { tone: 'trouble' });
  });
  const dialog = (
    <>
      {pdf ? (
        <DocumentDialog editing={editing} slideId={slideId} file={pdf} onGo={onGo} onClose={() => setPdf(null)} />
      ) : null}
      {presentations.length > 0 ? (
        <ImportDialog
          dropped={presentations}
          makes="slides"
          onImport={({ deck, others }) => {
            setPresentations([]);
            // From the last to the first, as each is placed right after this slide.
            for (const each of [deck, ...others.map((other) => other.deck)].toReversed()) {
              const slides = slidesInOrder(each).map(({ id }) => id);
              actions.paste(slidesToClip(each, slides), slideId);
            }
          }}
          onClose={() => setPresentations([])}
        />
      ) : null}
    </>
  );
  return [take, dialog];
}
