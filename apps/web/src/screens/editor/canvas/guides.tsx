/** The lines that show what a dragged item has come to lie flush with, and gaps that have become equal. */
import type { Guide } from '@gobrel/core/geometry';
import { useEffect, useRef } from 'react';
import { useGuides } from './drag-preview';

/** Half the length of the bars at the ends of a measure, in CSS pixels. */
const BAR = 5;

export function Guides({ scale }: { scale: number }) {
  const lines = useRef<SVGPathElement>(null);
  const gaps = useRef<SVGPathElement>(null);
  useEffect(() => {
    // They change with every move of the pointer, so they are set as they come, without drawing anything else anew.
    const draw = ({ guides }: { readonly guides: readonly Guide[] }) => {
      lines.current?.setAttribute('d', pathOf(guides, 'line', scale));
      gaps.current?.setAttribute('d', pathOf(guides, 'gap', scale));
    };
    draw(useGuides.getState());
    return useGuides.subscribe(draw);
  }, [scale]);
  return (
    <svg aria-hidden className="pointer-events-none absolute left-0 top-0 overflow-visible" width={1} height={1}>
      <path ref={lines} data-guide="line" fill="none" stroke="var(--dusk)" strokeWidth={1} />
      <path ref={gaps} data-guide="gap" fill="none" stroke="var(--dusk)" strokeWidth={2} />
    </svg>
  );
}

/** The guides of one kind as the data of one path. */
function pathOf(guides: readonly Guide[], kind: Guide['kind'], scale: number): string {
  return guides.flatMap((guide) => (guide.kind === kind ? [drawn(guide, scale)] : [])).join('');
}

function drawn({ kind, axis, at, from, to }: Guide, scale: number): string {
  const [a, b, c] = [at * scale, from * scale, to * scale];
  // A line stands across its axis, a gap lies along it.
  const alongX = (kind === 'gap') === (axis === 'x');
  const line = alongX ? `M${b} ${a}H${c}` : `M${a} ${b}V${c}`;
  if (kind === 'line') return line;
  return alongX
    ? `${line}M${b} ${a - BAR}v${2 * BAR}M${c} ${a - BAR}v${2 * BAR}`
    : `${line}M${a - BAR} ${b}h${2 * BAR}M${a - BAR} ${c}h${2 * BAR}`;
}
