/** A list as it is typed, one part a line, deeper ones set in: what a diagram is made of. */
import { cutText, storableText } from '../model/reading.js';

/** A part of a diagram, and what belongs to it. */
export interface DiagramPart {
  readonly words: string;
  readonly parts: readonly DiagramPart[];
}

/** The most parts of a diagram, and the most letters of one. */
export const diagramLimits = { parts: 60, letters: 200 } as const;

/** Spaces that set a line in as far as a tab. */
const SPACES = 2;

/** The parts that a list says. A line that is set in further than one step is set in by one; marks before it are no words. */
export function readTypedList(text: string): readonly DiagramPart[] {
  const lines = text.split('\n').flatMap((line) => {
    const [, indent = '', words = ''] = /^([\t ]*)(?:[-*•]\s+|\d+[.)]\s+)?(.*)$/.exec(line) ?? [];
    const shown = cutText(storableText(words).trim(), diagramLimits.letters);
    const depth = [...indent].reduce((sum, letter) => sum + (letter === '\t' ? SPACES : 1), 0);
    return shown === '' ? [] : [{ words: shown, depth: Math.floor(depth / SPACES) }];
  });
  return partsFrom(lines.slice(0, diagramLimits.parts), 0);
}

interface Line {
  readonly words: string;
  readonly depth: number;
}

function partsFrom(lines: readonly Line[], depth: number): readonly DiagramPart[] {
  const parts: DiagramPart[] = [];
  for (let at = 0; at < lines.length;) {
    const line = lines[at];
    if (!line) break;
    const rest = lines.slice(at + 1);
    const end = rest.findIndex((other) => other.depth <= Math.max(depth, line.depth));
    const within = end < 0 ? rest : rest.slice(0, end);
    parts.push({ words: line.words, parts: partsFrom(within, line.depth + 1) });
    at += within.length + 1;
  }
  return parts;
}

/** How many parts there are, those of parts included. */
export function countParts(parts: readonly DiagramPart[]): number {
  return parts.reduce((sum, part) => sum + 1 + countParts(part.parts), 0);
}

/** A list with its parts as it would be typed. */
export function writeTypedList(parts: readonly DiagramPart[], depth = 0): string {
  return parts
    .map((part) => {
      const line = `${'\t'.repeat(depth)}${part.words}`;
      return part.parts.length === 0 ? line : `${line}\n${writeTypedList(part.parts, depth + 1)}`;
    })
    .join('\n');
}
