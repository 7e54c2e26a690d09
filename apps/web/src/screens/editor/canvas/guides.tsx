/** The lines that show what a dragged item has come to lie flush with, and gaps that have become equal. */
import { useDragPreview } from './drag-preview';

/** Half the length of the bars at the ends of a measure, in CSS pixels. */
const BAR = 5;

export function Guides({ scale }: { scale: number }) {
  const guides = useDragPreview((drag) => drag.guides);
  if (guides.length === 0) return null;
  return (
    <svg aria-hidden className="pointer-events-none absolute left-0 top-0 overflow-visible" width={1} height={1}>
      {guides.map(({ kind, axis, at, from, to }, index) => {
        const [a, b, c] = [at * scale, from * scale, to * scale];
        // A line stands across its axis, a gap lies along it.
        const alongX = (kind === 'gap') === (axis === 'x');
        const line = alongX ? `M${b} ${a}H${c}` : `M${a} ${b}V${c}`;
        const bars = alongX
          ? `M${b} ${a - BAR}v${2 * BAR}M${c} ${a - BAR}v${2 * BAR}`
          : `M${a - BAR} ${b}h${2 * BAR}M${a - BAR} ${c}h${2 * BAR}`;
        return (
          <path
            key={index}
            d={kind === 'gap' ? line + bars : line}
            fill="none"
            stroke="var(--dusk)"
            strokeWidth={kind === 'gap' ? 2 : 1}
          />
        );
      })}
    </svg>
  );
}
