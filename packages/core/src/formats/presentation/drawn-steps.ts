/** What is drawn with lines alone, ink and signs, as the steps of one path. */
import { placedStroke } from '../../deck/index.js';
import { pathSteps, type PathStep, scaledSteps } from './path.js';
import type { PlainItem } from './plain-deck.js';

/** A drawing of lines; lengths in slide units, from the corner of its frame. */
export interface DrawnSteps {
  readonly steps: readonly PathStep[];
  readonly color: string;
  readonly weight: number;
  /** 0 (not to be seen) to 1. */
  readonly opacity: number;
  /** What it shows, in words. */
  readonly says: string;
}

/** The square in which signs are drawn. */
const SQUARE = 24;
/** How much of it is seen what a highlighter drew. */
const HIGHLIGHT = 0.4;

/** The lines of ink or of a sign. */
export function drawnSteps(item: Extract<PlainItem, { readonly kind: 'ink' | 'sign' }>): DrawnSteps {
  const { width, height } = item.frame;
  if (item.kind === 'sign') {
    const scale = { x: width / SQUARE, y: height / SQUARE };
    return {
      steps: item.strokes.flatMap((stroke) => scaledSteps(pathSteps(stroke), scale)),
      color: item.color,
      weight: item.weight * Math.min(scale.x, scale.y),
      opacity: 1,
      says: item.shows,
    };
  }
  const own = { x: 0, y: 0, width, height };
  return {
    steps: item.strokes.flatMap((points) =>
      placedStroke(points, own).map(({ x, y }, at): PathStep => ({ is: at === 0 ? 'move' : 'line', to: { x, y } })),
    ),
    color: item.color,
    weight: item.weight,
    opacity: item.tool === 'highlighter' ? HIGHLIGHT : 1,
    says: item.name,
  };
}
