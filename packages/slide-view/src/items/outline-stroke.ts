/** How an outline is drawn, as attributes of an SVG path. */
import type { Dash } from '@gobrel/core/deck';
import { paint } from '../paint.js';

/** @param weight of the line as drawn, in slide units: dashes and dots grow with it */
export function outlineStroke(item: { readonly outline: string; readonly dash: Dash }, weight: number) {
  if (weight === 0) return { stroke: 'none' } as const;
  const lengths = { solid: undefined, dashed: `${weight * 3} ${weight * 2}`, dotted: `0 ${weight * 2}` } as const;
  return {
    stroke: paint(item.outline),
    strokeWidth: weight,
    strokeDasharray: lengths[item.dash],
    strokeLinecap: item.dash === 'dotted' ? 'round' : 'butt',
    strokeLinejoin: 'round',
  } as const;
}
