/** Pictures into the slide: uploaded, then placed at a fitting size. */
import { LARGEST_PICTURE, type PictureView } from '@gobrel/contract';
import { addItem, centredFrame, newId, type SlideId, slideSizes } from '@gobrel/core/deck';
import { useCallback, useState } from 'react';
import { ask, messageOf } from '../../server';
import { tell } from '../../ui';
import { words } from '../../words';
import { select } from './desk';
import type { Editing } from './editing';

/** Part of the slide that a new picture takes at the most. */
const PART = 0.6;

/** Stores a picture on the server; `null` when it was refused, after saying so. */
export async function storePicture(file: File): Promise<PictureView | null> {
  if (file.size > LARGEST_PICTURE) {
    tell(words.editor.pictureTooLarge(file.name), { tone: 'trouble' });
    return null;
  }
  try {
    const form = new FormData();
    form.append('picture', file);
    return await ask<PictureView>('POST', '/pictures', form);
  } catch (error) {
    tell(messageOf(error), { tone: 'trouble' });
    return null;
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
        const room = slideSizes[deck.size];
        const scale = Math.min(1, (room.width * PART) / picture.width, (room.height * PART) / picture.height);
        const size = { width: Math.round(picture.width * scale), height: Math.round(picture.height * scale) };
        const id = newId();
        const pixels = { width: picture.width, height: picture.height };
        const frame = centredFrame(deck, size);
        run(addItem(deck, { id, slideId, kind: 'picture', frame, fields: { picture: picture.id, pixels } }));
        select(id);
      }
    },
    [deck, run, slideId],
  );
  return [place, underWay];
}
