/** Diagrams out of typed lists. */
export { addDiagram, type DiagramKind, diagramKinds, layOutDiagram } from './diagram.js';
export type { DiagramBox, DiagramTie, LaidOutDiagram } from './laid-out.js';
export { countParts, diagramLimits, type DiagramPart, readTypedList, writeTypedList } from './typed-list.js';
