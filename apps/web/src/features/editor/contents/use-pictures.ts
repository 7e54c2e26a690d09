/** Pictures into the slide: uploaded, then placed at a fitting size. */
import type { KeptPictures } from '@gobrel/contract';
import { addItem, centredFrame, newId, type SlideId, sizeOf } from '@gobrel/core/deck';
import { useCallback, useState } from 'react';
import { ask, messageOf } from '../../../shared/api';
import { storePicture } from '../../../shared/contents';
import { showToast } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { creditOfFile } from './file-credit';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';

/** Part of the slide that a new picture takes at the most. */
const PART = 0.6;

/**
 * Keeps pictures that came with something pasted, so that they can be seen here; takes those away again that are
 * somebody else's, and says so. What was pasted is there at once; this follows.
 */
export async function keepPastedPictures(
  pictures: readonly string[],
  onRefused: (refused: readonly string[]) => void,
): Promise<void> {
  if (pictures.length === 0) return;
  try {
    const { refused } = await ask<KeptPictures>('POST', '/pictures/kept', { ids: [...pictures] });
    if (refused.length === 0) return;
    onRefused(refused);
    showToast(messages.editor.picturesOfOthers({ count: refused.length }), { tone: 'trouble' });
  } catch (error) {
    showToast(messageOf(error), { tone: 'trouble' });
  }
}

/** A function that uploads and places pictures, and how many are on their way. */
export function usePictures(editing: Editing, slideId: SlideId): [(files: readonly File[]) => Promise<void>, number] {
  const [underWay, setUnderWay] = useState(0);
  const { deck, run } = editing;
  const place = useCallback(
    async (files: readonly File[]) => {
      for (const file of files) {
        setUnderWay((count) => count + 1);
        const picture = await storePicture(file);
        setUnderWay((count) => count - 1);
        if (!picture) continue;
        const room = sizeOf(deck);
        const scale = Math.min(1, (room.width * PART) / picture.width, (room.height * PART) / picture.height);
        const size = { width: Math.round(picture.width * scale), height: Math.round(picture.height * scale) };
        const id = newId();
        const { width, height, moving } = picture;
        const pixels = { width, height };
        const frame = centredFrame(deck, size);
        const credit = await creditOfFile(file);
        const fields = { picture: picture.id, pixels, moving, credit };
        run(addItem(deck, { id, slideId, kind: 'picture', frame, fields }));
        select(id);
      }
    },
    [deck, run, slideId],
  );
  return [place, underWay];
}
