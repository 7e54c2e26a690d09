/** A drag keeps its moves to itself. */

/** Lets nothing else on the page hear of a move, so that it costs what the drag costs. */
export function keepToDrag(move: Event): void {
  // A finger may become two, which whoever zooms must hear of.
  if (!(move instanceof PointerEvent) || move.pointerType !== 'touch') move.stopPropagation();
}
