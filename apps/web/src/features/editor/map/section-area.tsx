/** A section on the map: an area behind its slides, with its title in front of the ways that cross it. */
import { type Node, type NodeProps, ViewportPortal } from '@xyflow/react';

export type SectionNode = Node<{ readonly title: string }, 'section'>;

export function SectionArea({ data, width = 0, height, positionAbsoluteX, positionAbsoluteY }: NodeProps<SectionNode>) {
  return (
    <div
      style={{ width, height }}
      className="pointer-events-none rounded-xl border-2 border-dashed border-rule bg-tide/5 px-2 py-1"
    >
      <span className="spoken">{data.title}</span>
      <ViewportPortal>
        <span
          aria-hidden
          style={{ left: positionAbsoluteX + 6, top: positionAbsoluteY + 5, maxWidth: width - 12 }}
          className="map-title pointer-events-none absolute truncate rounded bg-paper/85 px-1 font-bold text-soft"
        >
          {data.title}
        </span>
      </ViewportPortal>
    </div>
  );
}
