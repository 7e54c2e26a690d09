/** A plan by its lines: where they are in the text, which passage they belong to, and which of them something is wrong with. */

/** Where a line is in a text: the places of its first letter and after its last one. */
export interface LineReach {
  readonly start: number;
  readonly end: number;
}

/** @param line counted from 1; lines after the last one are at the end */
export function reachOfLine(text: string, line: number): LineReach {
  let start = 0;
  for (let at = 1; at < line; at += 1) {
    const end = text.indexOf('\n', start);
    if (end < 0) return { start: text.length, end: text.length };
    start = end + 1;
  }
  const end = text.indexOf('\n', start);
  return { start, end: end < 0 ? text.length : end };
}

/** The line that a place of a text is in, counted from 1. */
export function lineAt(text: string, place: number): number {
  let line = 1;
  for (let at = text.indexOf('\n'); at >= 0 && at < place; at = text.indexOf('\n', at + 1)) line += 1;
  return line;
}

/** The passage that a line belongs to, by its place; what stands before the first one belongs to it. @param lines where passages begin */
export function passageAt(lines: readonly number[], line: number): number {
  return Math.max(
    0,
    lines.findLastIndex((begins) => begins <= line),
  );
}

/** A piece of a plan: one line something is wrong with, or what stands between such lines. */
export interface PlanPiece {
  readonly text: string;
  /** The line, counted from 1; `null` for what nothing is wrong with. */
  readonly faulty: number | null;
}

/** A text in pieces that make it up again. @param lines the faulty ones, in any order */
export function piecesByFaults(text: string, lines: Iterable<number>): readonly PlanPiece[] {
  const pieces: PlanPiece[] = [];
  let done = 0;
  const add = (to: number, faulty: number | null) => {
    if (to > done) pieces.push({ text: text.slice(done, to), faulty });
    done = Math.max(done, to);
  };
  for (const line of [...new Set(lines)].sort((a, b) => a - b)) {
    const { start, end } = reachOfLine(text, line);
    add(start, null);
    add(end, line);
  }
  add(text.length, null);
  return pieces;
}
