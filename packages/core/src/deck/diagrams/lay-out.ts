/** Diagrams: a typed list laid out in one of several ways. */
import type { Box } from '../../geometry/index.js';
import { mindMap, tree } from './branching.js';
import { cycle, sets } from './in-a-circle.js';
import { steps, timeline } from './in-a-row.js';
import type { LaidOutDiagram } from './laid-out.js';
import type { DiagramPart } from './typed-list.js';

const layouts = {
  steps,
  cycle,
  timeline,
  'two-sets': (parts: readonly DiagramPart[], room: Box) => sets(parts, room, 2),
  'three-sets': (parts: readonly DiagramPart[], room: Box) => sets(parts, room, 3),
  tree,
  'mind-map': mindMap,
} as const;

/** The name of a kind of diagram. */
export type DiagramKind = keyof typeof layouts;

/** The kinds of diagrams. */
export const diagramKinds = [
  'steps',
  'cycle',
  'timeline',
  'two-sets',
  'three-sets',
  'tree',
  'mind-map',
] as const satisfies readonly DiagramKind[];

/** Lays a list out. @param room what it has, in slide units */
export function layOutDiagram(kind: DiagramKind, parts: readonly DiagramPart[], room: Box): LaidOutDiagram {
  return parts.length === 0 ? { boxes: [], ties: [] } : layouts[kind](parts, room);
}
