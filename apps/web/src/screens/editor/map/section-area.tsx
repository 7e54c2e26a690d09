/** A section on the map: an area behind its slides, with its title. */
import { type Node, type NodeProps, useStore } from '@xyflow/react';
import { FAR } from './slide-card';

export type SectionNode = Node<{ readonly title: string }, 'section'>;

export function SectionArea({ data, width, height }: NodeProps<SectionNode>) {
  const isFar = useStore((store) => store.transform[2] < FAR);
  return (
    <div
      style={{ width, height }}
      className={`pointer-events-none rounded-xl border-2 border-dashed border-rule bg-tide/5 px-2 py-1 font-bold text-soft ${isFar ? 'truncate text-[26px] leading-8' : 'text-lg'}`}
    >
      {data.title}
    </div>
  );
}
