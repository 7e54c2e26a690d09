/** Videos and sounds into the slide: looked at here, placed at once, and sent while the author goes on. */
import {
  addItem,
  centredFrame,
  type Change,
  type Deck,
  type ItemId,
  newId,
  setItemFields,
  type SlideId,
  sizeOf,
  type SoundItem,
  type VideoItem,
} from '@gobrel/core/deck';
import { writeChanges } from '@gobrel/core/shared-doc';
import { useCallback, useEffect } from 'react';
import { useParams } from 'react-router';
import { storePicture } from '../../../shared/contents';
import { messages } from '../../../shared/messages';
import { showToast } from '../../../shared/ui';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';
import { useStable } from '../state/use-stable';
import type { KeptUpload } from './kept-uploads';
import { probeMedia, type ProbedMedia } from './probe-media';
import { beginUpload, endUpload, followNetwork, takeUpUploads, useUploads } from './uploads';

/** The part of the slide that a new video takes at the most. */
const PART = 0.6;
/** Whoever wrote that an upload arrived: nobody takes that back. */
const ARRIVED = 'an upload that arrived';

/** A file to be placed. @param seconds how long it plays, where that is known already */
export type PlaceMedia = (file: Blob, name: string, seconds?: number) => Promise<void>;

/** A function that places a video or a sound; says so where this browser cannot play it. */
export function useMediaFiles(editing: Editing, deckId: string, slideId: SlideId): PlaceMedia {
  const { run } = editing;
  return useStable(async (file: Blob, name: string, seconds = 0) => {
    const probed = await probeMedia(file, seconds);
    if (!probed) {
      showToast(messages.media.cannotPlay({ name }), { tone: 'trouble' });
      return;
    }
    const id = newId();
    const poster = probed.poster && (await storePicture(new File([probed.poster], 'poster.webp')));
    const fields = { fileName: name.slice(0, 200), seconds: probed.seconds };
    const { deck } = editing;
    run(
      probed.kind === 'video'
        ? addItem(deck, {
            id,
            slideId,
            kind: 'video',
            frame: centredFrame(deck, fitting(deck, probed)),
            fields: { ...fields, poster: poster?.id ?? '' },
          })
        : addItem(deck, { id, slideId, kind: 'sound', fields }),
    );
    select(id);
    await beginUpload({
      id: newId(),
      deckId,
      goal: { to: 'item', id },
      file,
      name,
      seconds: probed.seconds,
      begun: null,
    });
  });
}

/** A function that gives an item another file: its captions and the part that is played were those of the one before. */
export function useReplaceMedia(itemId: ItemId) {
  const { deckId = '' } = useParams();
  return useStable(async (editing: Editing, item: VideoItem | SoundItem, file: File) => {
    const probed = await probeMedia(file);
    if (!probed || (item.kind === 'video' && probed.kind === 'sound')) {
      showToast(messages.media.cannotPlay({ name: file.name }), { tone: 'trouble' });
      return;
    }
    const poster = probed.poster && (await storePicture(new File([probed.poster], 'poster.webp')));
    const fields = {
      file: '',
      fileName: file.name.slice(0, 200),
      seconds: probed.seconds,
      starts: 0,
      ends: null,
      captions: [],
    };
    editing.run(
      setItemFields(editing.deck, itemId, item.kind === 'video' ? { ...fields, poster: poster?.id ?? '' } : fields),
    );
    await beginUpload({
      id: newId(),
      deckId,
      goal: { to: 'item', id: itemId },
      file,
      name: file.name,
      seconds: probed.seconds,
      begun: null,
    });
  });
}

function fitting(deck: Deck, { width, height }: ProbedMedia) {
  const room = sizeOf(deck);
  const scale = Math.min(1, (room.width * PART) / width, (room.height * PART) / height);
  return { width: Math.round(width * scale), height: Math.round(height * scale) };
}

/** Takes up what an earlier window left for this deck, and puts what arrived where it belongs. */
export function useArrivals({ deck, doc }: Editing, deckId: string): void {
  const uploads = useUploads((store) => store.uploads);
  useEffect(() => {
    void takeUpUploads(deckId);
    return followNetwork();
  }, [deckId]);
  const place = useCallback(
    ({ goal, seconds, file: { size: bytes } }: KeptUpload, file: string) => {
      // What it was for may be gone by now.
      const changes: readonly Change[] =
        goal.to === 'item'
          ? setItemFields(deck, goal.id, { file, bytes })
          : deck.slides[goal.id]
            ? [{ type: 'set-slide', id: goal.id, fields: { voice: { file, seconds, bytes } } }]
            : [];
      writeChanges(doc, changes, ARRIVED);
    },
    [deck, doc],
  );
  useEffect(() => {
    for (const { kept, stands, fileId } of uploads) {
      if (kept.deckId !== deckId || stands !== 'stored' || fileId === null) continue;
      place(kept, fileId);
      void endUpload(kept.id);
    }
  }, [uploads, deckId, place]);
}
