/** How an outline is drawn, as attributes of an SVG path. */
import type { Dash } from '@gobrel/core/deck';
import { paint } from '../paint.js';

/** Lengths of dashes and gaps along a line, in slide units; none for an unbroken one. */
export function dashLengths(dash: Dash, weight: number): readonly number[] {
  return { solid: [], dashed: [weight * 3, weight * 2], dotted: [0, weight * 2] }[dash];
}

/** @param weight of the line as drawn, in slide units: dashes and dots grow with it */
export function outlineStroke(item: { readonly outline: string; readonly dash: Dash }, weight: number) {
  if (weight === 0) return { stroke: 'none' } as const;
  const lengths = dashLengths(item.dash, weight);
  return {
    stroke: paint(item.outline),
    strokeWidth: weight,
    strokeDasharray: lengths.length === 0 ? undefined : lengths.join(' '),
    strokeLinecap: item.dash === 'dotted' ? 'round' : 'butt',
    strokeLinejoin: 'round',
  } as const;
}
