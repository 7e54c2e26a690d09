/** What one draws with: colours that differ in lightness too, so that they can be told apart without seeing hues. */
import type { InkTool } from '@gobrel/core/work';

/** A tool in hand. */
export type Tool = InkTool | 'eraser';

/** The colours of pens. */
export const INKS = ['#1d2b2a', '#9b2242', '#b4492a', '#4f6b26', '#3d4e8a', '#fffcf5'] as const;

/** How wide each tool draws, in the units of strokes. */
export const INK_WIDTH: Readonly<Record<InkTool, number>> = { pen: 5, highlighter: 26 };
