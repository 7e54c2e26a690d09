/** A way on the map: a link with the words it is tied to, or the running order as a faint line. */
import type { Point } from '@gobrel/core/geometry';
import { LockKeyhole } from 'lucide-react';
import { BaseEdge, type Edge, EdgeLabelRenderer, type EdgeProps, useStore } from '@xyflow/react';
import { FAR } from './slide-card';

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

/** Room that a way takes beside others, and that one which leads back takes round the cards, in units of the map. */
const ROOM = { beside: 20, round: 80 };

export function WayLine({ id, sourceX, sourceY, targetX, targetY, data, selected, markerEnd }: EdgeProps<WayEdge>) {
  const isFar = useStore((store) => store.transform[2] < FAR);
  const from = { x: sourceX, y: sourceY };
  const to = { x: targetX, y: targetY };
  const turn = (data?.turn ?? 0) * ROOM.beside;
  const { path, middle } = course(from, to, data?.bends ?? [], turn);
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
            className={`pointer-events-none absolute flex items-center gap-0.5 rounded bg-paper px-1 font-semibold ${isFar ? 'max-w-[150px] text-[19px] leading-6' : 'max-w-[136px] text-[12px] leading-4'} ${isShut ? 'text-berry' : 'text-clay'}`}
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

/** The path of a way from port to port, and its middle. */
function course(from: Point, to: Point, bends: readonly Point[], turn: number): { path: string; middle: Point } {
  if (to.x < from.x + 20 && bends.length === 0) {
    // Back round under both cards.
    const low = Math.max(from.y, to.y) + ROOM.round + turn;
    const middle = { x: (from.x + to.x) / 2, y: low };
    const out = `C${from.x + ROOM.round} ${from.y} ${from.x + ROOM.round} ${low} ${middle.x} ${low}`;
    return { path: `M${from.x} ${from.y} ${out} S${to.x - ROOM.round} ${to.y} ${to.x} ${to.y}`, middle };
  }
  const ordered = to.x < from.x ? [...bends].reverse() : bends;
  const points = [from, ...ordered.map(({ x, y }) => ({ x, y: y + turn })), to];
  if (points.length === 2 && turn > 0) points.splice(1, 0, { x: (from.x + to.x) / 2, y: (from.y + to.y) / 2 + turn });
  let path = `M${from.x} ${from.y}`;
  points.slice(1).forEach((point, place) => {
    const before = points[place] ?? from;
    // Level at each point, as ways run from left to right.
    const pull = (point.x - before.x) / 2;
    path += ` C${before.x + pull} ${before.y} ${point.x - pull} ${point.y} ${point.x} ${point.y}`;
  });
  const [one, other] = [points[(points.length - 1) >> 1] ?? from, points[points.length >> 1] ?? to];
  return { path, middle: { x: (one.x + other.x) / 2, y: (one.y + other.y) / 2 } };
}
