/** Strokes in work: their order, and how many there is room for. */
import { type Stroke, type Work, workLimits } from './work.js';

/** Whether a stroke still fits into a student's work. */
export function hasRoomFor(work: Work, stroke: Stroke): boolean {
  const strokes = Object.values(work.drawn);
  const points = strokes.reduce((sum, one) => sum + one.points.length, stroke.points.length);
  return (
    strokes.length < workLimits.strokes &&
    points <= workLimits.allPoints &&
    stroke.points.length <= workLimits.strokePoints
  );
}

/** Ids in the order of the alphabet, so that strokes lie over each other as they were drawn: a count, then anything. */
export function nextStrokeId(work: Work, unique: string): string {
  const last = Object.keys(work.drawn).reduce((most, id) => Math.max(most, Number(/^k(\d+)/.exec(id)?.[1] ?? 0)), 0);
  return `k${String(last + 1).padStart(6, '0')}${unique}`.slice(0, 40);
}
