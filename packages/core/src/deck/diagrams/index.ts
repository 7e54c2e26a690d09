/** Diagrams out of typed lists. */
export { type DiagramKind, diagramKinds, layOutDiagram } from './lay-out.js';
export type { BoxRole, DiagramBox, DiagramTie, LaidOutDiagram } from './laid-out.js';
export { countParts, diagramLimits, type DiagramPart, readTypedList, writeTypedList } from './typed-list.js';
