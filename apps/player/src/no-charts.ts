/** Stands for the drawing of charts in shows that have none. */

/** Draws nothing: nothing asks it to. */
export function ChartDrawing(): null {
  return null;
}
