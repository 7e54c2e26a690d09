/** Pictures of the library onto the slide: stored as one's own, at a sensible size, with their papers. */
import type { LibraryPicture } from '@gobrel/contract';
import { addItem, centredFrame, newId, type SlideId, sizeOf } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import { libraryUrl } from '../../../shared/api';
import { storePicture } from '../../../shared/contents';
import { messages } from '../../../shared/messages';
import { showToast } from '../../../shared/ui';
import { select } from '../state/desk';
import type { Editing } from '../state/editing';
import { useStable } from '../state/use-stable';

/** The part of the slide that pictures take: one as wide as a slide all of it, wide ones more than the others. */
const PART = { whole: 1, wide: 0.6, usual: 0.45 };
/** From this ratio of width to height on a picture is wide. */
const WIDE = 1.2;

/** A function that places one. @param at its middle, in slide units; the middle of the slide where it is not said */
export function useLibraryPictures({ deck, run }: Editing, slideId: SlideId) {
  return useStable(async (picture: LibraryPicture, at: Point | null = null) => {
    const answer = await fetch(libraryUrl(picture.name, 'whole')).catch(() => null);
    if (!answer?.ok) {
      showToast(messages.pictureShelf.away, { tone: 'trouble' });
      return;
    }
    const stored = await storePicture(new File([await answer.blob()], `${picture.name}.webp`, { type: 'image/webp' }));
    if (!stored) return;
    const slide = sizeOf(deck);
    const ratio = picture.width / picture.height;
    const isWhole = Math.abs(ratio - slide.width / slide.height) < 0.02;
    const part = isWhole ? PART.whole : ratio >= WIDE ? PART.wide : PART.usual;
    const scale = Math.min((slide.width * part) / picture.width, (slide.height * part) / picture.height);
    const size = { width: Math.round(picture.width * scale), height: Math.round(picture.height * scale) };
    const centred = centredFrame(deck, size);
    const frame = at
      ? { ...centred, x: Math.round(at.x - size.width / 2), y: Math.round(at.y - size.height / 2) }
      : centred;
    const id = newId();
    const { by: author, licence, shows, source } = picture;
    const fields = {
      picture: stored.id,
      pixels: { width: stored.width, height: stored.height },
      alt: shows,
      credit: { title: shows, author, source, licence },
    };
    run(addItem(deck, { id, slideId, kind: 'picture', frame, fields }));
    select(id);
  });
}
