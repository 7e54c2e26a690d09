/** The lines that show what a dragged item has come to lie flush with, and gaps that have become equal. */
import type { Guide } from '@gobrel/core/geometry';
import { useEffect, useId, useRef } from 'react';
import { useGuides } from './drag-preview';

/** Half the length of the bars at the ends of a measure, in CSS pixels. */
const BAR = 5;

export function Guides({ scale }: { scale: number }) {
  const path = useRef<SVGPathElement>(null);
  const id = useId();
  useEffect(() => {
    // Set as they come, without drawing anything else anew.
    const draw = ({ guides }: { readonly guides: readonly Guide[] }) => {
      let course = '';
      for (const guide of guides) course += courseOf(guide, scale);
      path.current?.setAttribute('d', course);
    };
    draw(useGuides.getState());
    return useGuides.subscribe(draw);
  }, [scale]);
  return (
    <svg
      aria-hidden
      className="pointer-events-none absolute left-0 top-0 overflow-visible fill-none"
      width={1}
      height={1}
    >
      {/* With a light edge, so that they are seen on dark pictures too. */}
      <use href={`#${id}`} className="stroke-[#fffcf5] stroke-4 opacity-80" />
      <use href={`#${id}`} className="stroke-[#3d4e8a] stroke-[1.5]" />
      <defs>
        <path id={id} ref={path} />
      </defs>
    </svg>
  );
}

/** A line stands across its axis, a gap lies along it with a bar at either end. In CSS pixels. */
function courseOf({ kind, axis, at, from, to }: Guide, scale: number): string {
  const isLevel = (kind === 'gap') === (axis === 'x');
  const across = Math.round(at * scale);
  const start = Math.round(from * scale);
  const length = Math.round(to * scale) - start;
  const [along, beside] = isLevel ? ['h', 'v'] : ['v', 'h'];
  const begin = (end: number, off: number) => (isLevel ? `M${end} ${across + off}` : `M${across + off} ${end}`);
  const measure = `${begin(start, 0)}${along}${length}`;
  if (kind === 'line') return measure;
  const bar = (end: number) => `${begin(end, -BAR)}${beside}${2 * BAR}`;
  return bar(start) + measure + bar(start + length);
}
