/** A way on the map: a link with the words it is tied to, or the running order as a faint line. */
import type { Point } from '@gobrel/core/geometry';
import { LockKeyhole } from 'lucide-react';
import { BaseEdge, type Edge, EdgeLabelRenderer, type EdgeProps, useStore } from '@xyflow/react';
import { FAR } from './slide-card';
import { wayCourse } from '../../../shared/slides';

export type WayEdge = Edge<
  {
    readonly carrier: string;
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
  const isFar = useStore((store) => store.transform[2] < FAR);
  const from = { x: sourceX, y: sourceY };
  const to = { x: targetX, y: targetY };
  const { path, middle } = wayCourse(from, to, data?.bends ?? [], data?.turn ?? 0);
  const { isLink = false, isGated = false, isShut = false, isWalked = false } = data ?? {};
  return (
    <>
      <BaseEdge
        id={id}
        path={path}
        interactionWidth={24}
        {...(markerEnd === undefined ? {} : { markerEnd })}
        style={{
          stroke:
            selected || isWalked ? 'var(--dusk)' : isShut ? 'var(--berry)' : isLink ? 'var(--clay)' : 'var(--edge)',
          strokeWidth: selected || isWalked ? 3.5 : isLink ? 2 : 1.5,
          strokeDasharray: isShut ? '8 5' : isLink ? undefined : '2 6',
        }}
      />
      {isLink && (data?.carrier || isGated) ? (
        <EdgeLabelRenderer>
          <span
            aria-hidden
            className={`pointer-events-none absolute flex items-center gap-0.5 rounded bg-paper px-1 font-semibold ${isFar ? 'max-w-[112px] text-[19px] leading-6' : 'max-w-[116px] text-[12px] leading-4'} ${isShut ? 'text-berry' : 'text-clay'}`}
            style={{ transform: `translate(-50%, -50%) translate(${middle.x}px, ${middle.y}px)` }}
          >
            {isGated ? <LockKeyhole size={11} className="flex-none" /> : null}
            <span className="truncate">{data?.carrier}</span>
          </span>
        </EdgeLabelRenderer>
      ) : null}
    </>
  );
}
