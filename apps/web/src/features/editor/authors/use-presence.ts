/** Tells other authors where this one is, and gives where they are. */
import type { SlideId } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import { useQuery } from '@tanstack/react-query';
import { useEffect, useRef } from 'react';
import { type AuthorPlace, type CoAuthor, type OpenDocument, useCoAuthors } from '../../../shared/sync';
import { sessionQuery } from '../../../shared/api';
import { useDesk } from '../state/desk';

/** A pointer is announced at most this often, in ms. */
const POINTER_EVERY = 80;

/** The other authors; while there are any, this one's pointer is followed too. */
export function usePresence(document: OpenDocument | null, slideId: SlideId): readonly CoAuthor[] {
  const others = useCoAuthors(document);
  const { data: session } = useQuery(sessionQuery);
  const selected = useDesk((desk) => desk.selected);
  const name = session?.teacher?.name ?? '';
  const place = useRef<AuthorPlace>({ name, at: slideId, selected, pointer: null });
  useEffect(() => {
    place.current = { ...place.current, name, at: slideId, selected };
    document?.announce({ ...place.current });
  }, [document, name, slideId, selected]);

  const isAlone = others.length === 0;
  useEffect(() => {
    if (!document || isAlone) return;
    let last = 0;
    const tell = (pointer: Point | null) => {
      place.current = { ...place.current, pointer };
      document.announce({ ...place.current });
    };
    const move = (event: PointerEvent) => {
      if (event.timeStamp - last < POINTER_EVERY) return;
      last = event.timeStamp;
      const ground = window.document.querySelector<HTMLElement>('[data-canvas] .gv-ground');
      const box = ground?.getBoundingClientRect();
      if (!ground || !box) return;
      const scale = box.width / ground.offsetWidth;
      tell({ x: (event.clientX - box.left) / scale, y: (event.clientY - box.top) / scale });
    };
    const leave = () => tell(null);
    // Before a drag takes the moves for itself.
    window.addEventListener('pointermove', move, { capture: true });
    window.document.documentElement.addEventListener('pointerleave', leave);
    return () => {
      window.removeEventListener('pointermove', move, { capture: true });
      window.document.documentElement.removeEventListener('pointerleave', leave);
    };
  }, [document, isAlone]);
  return others;
}
