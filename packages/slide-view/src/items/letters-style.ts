/** The size of the letters of what is filled in, in slide units; fields below a slide have a size of their own. */
import type { CSSProperties } from 'react';

/** Takes the size as a variable, which `.gv-question` and `.gv-blank` read. @param size in slide units */
export function lettersStyle(size: number): CSSProperties & Record<'--gv-letters', string> {
  return { '--gv-letters': `${size}px` };
}
