/** Draws the words of a text or a shape in their box: their look, where they stand, and shrunk to fit when they should. */
import type { RichText, TextLook } from '@gobrel/core/deck';
import { type CSSProperties, useLayoutEffect, useRef } from 'react';
import type { FollowLink } from '../hands.js';
import { paint } from '../paint.js';
import { alignStyle, fittedSize, RichTextView } from '../rich-text-view.js';

/** How a look sets its text. */
export function lookStyle(look: TextLook): CSSProperties {
  return {
    fontSize: fittedSize(look.size),
    color: paint(look.color),
    textAlign: alignStyle(look.align),
    lineHeight: look.lineSpacing ?? undefined,
    fontWeight: look.weight ?? undefined,
    fontFamily: look.font ? `var(--gv-font-${look.font})` : undefined,
    letterSpacing: look.tracking === null ? undefined : `${look.tracking}em`,
  };
}

/** The classes of a box of words. A title in a colour of its own goes without the mark of its theme. */
export function textClasses(look: TextLook): string {
  const isTitle = look.style === 'title' && !look.own.includes('color');
  return `gv-text${look.heading ? ' gv-heading' : ''}${isTitle ? ' gv-titled' : ''}`;
}

/** Where words stand in a box that is higher than they are. */
export function uprightStyle(look: TextLook): CSSProperties {
  return { justifyContent: { top: 'flex-start', middle: 'center', bottom: 'flex-end' }[look.upright] };
}

interface TextBoxProps {
  readonly text: RichText;
  readonly look: TextLook;
  readonly follow: FollowLink | undefined;
  /** Width and height of the box, in slide units: the letters are fitted anew when they change. */
  readonly width: number;
  readonly height: number;
}

export function TextBox({ text, look, follow, width, height }: TextBoxProps) {
  const box = useRef<HTMLDivElement>(null);
  useLayoutEffect(() => {
    // Only the browser knows how high a text is.
    if (box.current) fitLetters(box.current, look);
  }, [text, look, width, height]);
  return (
    <div ref={box} className="gv-upright" style={uprightStyle(look)}>
      <div className={textClasses(look)} style={lookStyle(look)}>
        <RichTextView text={text} follow={follow} />
      </div>
    </div>
  );
}

/** Letters shrink to this part of their size at the least. */
const SMALLEST_PART = 0.25;
/** Halvings of the range of sizes: enough to be within a hundredth. */
const STEPS = 7;

/** Tails of letters may hang this far out of their box, in letter sizes: no word is lost by it. */
const HANGING = 0.3;

/** Whether words laid out in a box have no room in it. */
export function overflows(box: HTMLElement, look: TextLook): boolean {
  return box.scrollHeight > box.clientHeight + look.size * HANGING;
}

/** Sets the largest letters that have room in a box, or the letters as they are where they need not shrink. */
function fitLetters(box: HTMLElement, look: TextLook): void {
  const fits = (part: number) => {
    box.style.setProperty('--gv-fit', String(part));
    return !overflows(box, look);
  };
  box.style.removeProperty('--gv-fit');
  if (look.fit !== 'shrink' || fits(1)) return;
  let [least, most] = [SMALLEST_PART, 1];
  for (let step = 0; step < STEPS; step += 1) {
    const middle = (least + most) / 2;
    if (fits(middle)) least = middle;
    else most = middle;
  }
  fits(least);
}
