/** A section on the map: an area behind its slides, with its title. */
import type { Node, NodeProps } from '@xyflow/react';

export type SectionNode = Node<{ readonly title: string }, 'section'>;

export function SectionArea({ data, width, height }: NodeProps<SectionNode>) {
  return (
    <div
      style={{ width, height }}
      className="pointer-events-none rounded-xl border-2 border-dashed border-rule bg-tide/5 px-2 py-1 text-lg font-bold text-soft"
    >
      {data.title}
    </div>
  );
}
