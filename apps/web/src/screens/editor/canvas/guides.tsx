/** The lines that show what a dragged item has come to lie flush with, and gaps that have become equal. */
import type { Guide } from '@gobrel/core/geometry';
import { useEffect, useRef } from 'react';
import { useGuides } from './drag-preview';

/** Half the length of the bars at the ends of a measure, in CSS pixels. */
const BAR = 5;

export function Guides({ scale }: { scale: number }) {
  const drawing = useRef<SVGSVGElement>(null);
  useEffect(() => {
    const svg = drawing.current;
    if (!svg) return;
    // They change with every move of the pointer, so they are set as they come, without drawing anything else anew.
    // Polylines, because the points of one are no part of its style, as the course of a path is.
    const drawn: { readonly line: SVGPolylineElement; points: string; kind: string }[] = [];
    const draw = ({ guides }: { readonly guides: readonly Guide[] }) => {
      while (drawn.length < guides.length) {
        const line = document.createElementNS('http://www.w3.org/2000/svg', 'polyline');
        svg.append(line);
        drawn.push({ line, points: '', kind: '' });
      }
      for (const [place, known] of drawn.entries()) {
        const guide = guides[place];
        const points = guide ? pointsOf(guide, scale) : '';
        const kind = guide?.kind ?? '';
        if (points !== known.points) known.line.setAttribute('points', points);
        if (kind !== known.kind) known.line.dataset['guide'] = kind;
        [known.points, known.kind] = [points, kind];
      }
    };
    draw(useGuides.getState());
    const stop = useGuides.subscribe(draw);
    return () => {
      stop();
      svg.replaceChildren();
    };
  }, [scale]);
  return (
    <svg
      ref={drawing}
      aria-hidden
      className="pointer-events-none absolute left-0 top-0 overflow-visible fill-none stroke-dusk stroke-1 [&_[data-guide=gap]]:stroke-2"
      width={1}
      height={1}
    />
  );
}

/** A line stands across its axis, a gap lies along it with a bar at either end. */
function pointsOf({ kind, axis, at, from, to }: Guide, scale: number): string {
  const isLevel = (kind === 'gap') === (axis === 'x');
  const point = (along: number, across: number) => (isLevel ? `${along},${across} ` : `${across},${along} `);
  const [a, b, c] = [at * scale, from * scale, to * scale];
  if (kind === 'line') return point(b, a) + point(c, a);
  return point(b, a - BAR) + point(b, a + BAR) + point(b, a) + point(c, a) + point(c, a - BAR) + point(c, a + BAR);
}
