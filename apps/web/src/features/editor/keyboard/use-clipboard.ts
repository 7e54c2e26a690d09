/** Copying, cutting and pasting in the editor: items, whole slides, pictures and plain text. */
import {
  addItem,
  addTable,
  addWebCard,
  contentsOfItems,
  isPastedAddress,
  copyToClip,
  ITEMS_TYPE,
  LONGEST_TEXT,
  newId,
  pasteItems,
  plainText,
  readClip,
  removeItems,
  type SlideId,
  SLIDES_TYPE,
  slidesToClip,
  tableFromText,
  withoutPictures,
  namesIn,
} from '@gobrel/core/deck';
import { useEffect, useRef } from 'react';
import { showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { select, useDesk } from '../state/desk';
import type { Editing } from '../state/editing';
import { isInField } from './in-field';
import type { SlideActions } from '../order/use-slide-actions';
import { movable } from '../state/selecting';
import { keepPastedPictures } from '../contents/use-pictures';

interface UseClipboard {
  readonly editing: Editing;
  readonly slideId: SlideId;
  /** The slides that copying on the running order is for. */
  readonly slides: readonly SlideId[];
  readonly actions: SlideActions;
  readonly onFiles: (files: readonly File[]) => void;
  /** Whether the clipboard is for something else just now. */
  readonly paused: boolean;
}

/** Listens to the clipboard while the editor is there. */
export function useClipboard({ editing, slideId, slides, actions, onFiles, paused }: UseClipboard): void {
  const latest = useRef(editing);
  useEffect(() => {
    // The server's answer comes when the deck is another one already.
    latest.current = editing;
  });
  useEffect(() => {
    if (paused) return;
    const onRefused = (refused: readonly string[]) => latest.current.run(withoutPictures(latest.current.deck, refused));
    const onPaste = (event: ClipboardEvent) => {
      if (isInField(event)) return;
      const files = [...(event.clipboardData?.files ?? [])];
      const text = event.clipboardData?.getData('text/plain') ?? '';
      const slideClip = event.clipboardData?.getData(SLIDES_TYPE) ?? '';
      const clipped = readClip(event.clipboardData?.getData(ITEMS_TYPE) ?? '');
      if (slideClip !== '') actions.paste(slideClip, slides.at(-1) ?? slideId);
      else if (clipped.length > 0) {
        const { changes, pasted } = pasteItems(editing.deck, slideId, clipped);
        editing.run(changes);
        void keepPastedPictures(contentsOfItems(clipped), onRefused);
        select(...pasted);
      } else if (files.length > 0) onFiles(files);
      else if (text.length > LONGEST_TEXT)
        showToast(messages.editor.textTooLong({ pasted: text.length, most: LONGEST_TEXT }), { tone: 'trouble' });
      else if (text.trim() !== '') {
        const id = newId();
        const table = tableFromText(text);
        editing.run(
          isPastedAddress(text)
            ? addWebCard(editing.deck, id, slideId, text)
            : table
              ? addTable(editing.deck, id, slideId, table)
              : addItem(editing.deck, { id, slideId, kind: 'text', fields: { text: plainText(text) } }),
        );
        select(id);
      } else return;
      event.preventDefault();
    };
    const onCopy = (event: ClipboardEvent) => {
      const { deck, run } = editing;
      const ids = useDesk.getState().selected.filter((id) => deck.items[id]?.slideId === slideId);
      if (isInField(event) || !event.clipboardData) return;
      if (document.activeElement?.closest('[data-slide]')) {
        event.clipboardData.setData(SLIDES_TYPE, slidesToClip(deck, slides));
        event.preventDefault();
        actions.copy(slides);
        if (event.type === 'cut') actions.remove(slides);
        return;
      }
      if (ids.length === 0) return;
      const clip = copyToClip(deck, ids);
      event.clipboardData.setData(ITEMS_TYPE, clip.json);
      event.clipboardData.setData('text/plain', clip.plain);
      event.preventDefault();
      if (event.type === 'cut') run(removeItems(deck, movable(deck, ids)));
    };
    const listeners = { paste: onPaste, copy: onCopy, cut: onCopy };
    for (const name of namesIn(listeners)) window.addEventListener(name, listeners[name]);
    return () => {
      for (const name of namesIn(listeners)) window.removeEventListener(name, listeners[name]);
    };
  }, [editing, slideId, slides, actions, onFiles, paused]);
}
