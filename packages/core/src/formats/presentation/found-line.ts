/** A line as it was found in a file: around a shape, or from one place to another. */
import type { Dash } from '../../deck/index.js';

export interface FoundLine {
  readonly color: string;
  /** In slide units; 0 for none. */
  readonly width: number;
  readonly dash: Dash;
  /** From 0 to 1. */
  readonly opacity: number;
}
