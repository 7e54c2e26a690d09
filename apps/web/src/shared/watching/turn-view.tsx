/** The slides of whoever shows: where their device is, or where the teacher leads, with what they point at. */
import { type Deck, sizeOf } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import type { LessonState } from '@gobrel/core/lesson';
import { readStop, shownStop, startShow, type Stop } from '@gobrel/core/show';
import { useMemo } from 'react';
import type { WorkOf } from './use-work-of';

/** The stop that is shown of a turn; `null` in an edition without slides. */
export function useTurnStop(edition: Deck, state: LessonState, { stop: reached }: Pick<WorkOf, 'stop'>): Stop | null {
  const { steeredTo } = state;
  return useMemo(() => {
    const opening = startShow(edition);
    return readStop(edition, steeredTo) ?? reached ?? (opening && shownStop(opening));
  }, [edition, steeredTo, reached]);
}

/** A dot where somebody points, over a slide that fills what is around it. */
export function PointerDot({ edition, pointer }: { edition: Deck; pointer: Point | null }) {
  if (!pointer) return null;
  const size = sizeOf(edition);
  return (
    <span
      aria-hidden
      className="pointer-events-none absolute size-6 -translate-x-1/2 -translate-y-1/2 rounded-full border-[3px] border-[#fffcf5] bg-[#b4492a] opacity-85"
      style={{ left: `${(pointer.x / size.width) * 100}%`, top: `${(pointer.y / size.height) * 100}%` }}
    />
  );
}
