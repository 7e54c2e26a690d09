/** A way on the map: a link with the words it is tied to, or the running order as a faint line. */
import type { Point } from '@gobrel/core/geometry';
import { BaseEdge, type Edge, EdgeLabelRenderer, type EdgeProps } from '@xyflow/react';
import { LockKeyhole } from 'lucide-react';
import { wayCourse } from '../../../shared/slides';
import { MIDDLE, type WordsPlace } from './way-words';
import { pointAtWay, selectWay, useWaysInHand } from './ways-in-hand';

export type WayEdge = Edge<
  {
    /** What stands on it; '' for the running order. */
    readonly words: string;
    readonly wordsAt: WordsPlace;
    readonly isLink: boolean;
    /** Whether it waits for something, and whether it never opens. */
    readonly isGated: boolean;
    readonly isShut: boolean;
    /** Whether the walk that is looked at goes along it. */
    readonly isWalked: boolean;
    /** Where it bends to go round other cards. */
    readonly bends: readonly Point[];
    /** How many ways between the same two slides are drawn before it. */
    readonly turn: number;
  },
  'way'
>;

export function WayLine({ id, sourceX, sourceY, targetX, targetY, data, selected, markerEnd }: EdgeProps<WayEdge>) {
  const isPointed = useWaysInHand((ways) => ways.pointed === id);
  const from = { x: sourceX, y: sourceY };
  const to = { x: targetX, y: targetY };
  const course = wayCourse(from, to, data?.bends ?? [], data?.turn ?? 0);
  const {
    words = '',
    wordsAt = MIDDLE,
    isLink = false,
    isGated = false,
    isShut = false,
    isWalked = false,
  } = data ?? {};
  const isMarked = selected === true || isWalked || isPointed;
  const isWhole = selected === true || isPointed;
  const at = course.at(wordsAt.share);
  return (
    <>
      <BaseEdge
        id={id}
        path={course.path}
        interactionWidth={24}
        {...(markerEnd === undefined ? {} : { markerEnd })}
        style={{
          stroke: isMarked ? 'var(--dusk)' : isShut ? 'var(--berry)' : isLink ? 'var(--clay)' : 'var(--edge)',
          strokeWidth: isMarked ? 3.5 : isLink ? 2 : 1.5,
          strokeDasharray: isShut ? '8 5' : isLink ? undefined : '2 6',
        }}
      />
      {isLink && (words !== '' || isGated) ? (
        <EdgeLabelRenderer>
          {/* What it says is said by its line, which is what the keys come to. */}
          <span
            aria-hidden
            className={`map-words pointer-events-auto nopan absolute flex cursor-pointer items-center gap-0.5 rounded bg-paper px-1 text-center font-semibold ${isWhole ? 'z-10 w-max max-w-[260px] outline-2 outline-dusk' : 'max-w-[112px]'} ${isMarked ? 'text-dusk' : isShut ? 'text-berry' : 'text-clay'}`}
            style={{ transform: `translate(-50%, -50%) translate(${at.x}px, ${at.y + wordsAt.aside}px)` }}
            onPointerEnter={() => pointAtWay(id)}
            onPointerLeave={() => pointAtWay(null)}
            onClick={() => selectWay(id)}
          >
            {isGated ? <LockKeyhole className="size-[0.9em] flex-none" /> : null}
            <span className={isWhole ? '' : 'line-clamp-3'}>{words}</span>
          </span>
        </EdgeLabelRenderer>
      ) : null}
    </>
  );
}
