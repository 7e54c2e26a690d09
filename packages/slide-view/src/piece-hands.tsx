/** A loose piece in a student's hands: dragged by mouse, pen and finger, or led by keys. */
import { type Piece, sourceOfPiece, type ZoneItem } from '@gobrel/core/deck';
import { type ReactNode, useEffect, useRef } from 'react';
import { usePointerDrag } from './dragging/use-pointer-drag.js';
import type { FillIn } from './hands.js';
import { boxStyle } from './item-frame.js';
import { outcomeInWords, zoneName } from './piece-words.js';
import { useSurroundings } from './surroundings.js';
import { TURN, usePieceKeys } from './use-piece-keys.js';

interface PieceHandsProps {
  /** The zones of its slide, from back to front. */
  readonly zones: readonly ZoneItem[];
  /** The piece as it lies now. */
  readonly piece: Piece;
  readonly fillIn: FillIn;
  /** CSS pixels a slide unit. */
  readonly scale: number;
  readonly children: ReactNode;
}

/** A drag shorter than this is a press, in CSS pixels. */
const PRESS = 4;

export function PieceHands({ zones, piece, fillIn, scale, children }: PieceHandsProps) {
  const { pieces: words } = useSurroundings().words;
  const keys = usePieceKeys({ zones, piece, fillIn });
  const element = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Otherwise the browser takes a quick drag for a fling and swallows the next tap; React's own listeners are passive.
    const dragged = element.current;
    const keep = (event: TouchEvent) => event.preventDefault();
    dragged?.addEventListener('touchmove', keep, { passive: false });
    return () => dragged?.removeEventListener('touchmove', keep);
  }, []);

  const { frame, manner } = piece;
  const name = piece.name || words.unnamed;
  const place = fillIn.work.pieces[piece.id];
  const inZone = zones.findIndex((zone) => zone.id === place?.zoneId);
  const isPile = manner.pile !== 0;
  const left = isPile ? leftIn(fillIn, piece) : null;

  const label = isPile ? words.pile(name, left) : words.name(name, inZone < 0 ? null : zoneName(zones, inZone, words));

  // A drag moves the element itself: nothing is drawn anew until the piece is let go.
  const putDown = () => {
    if (!element.current) return;
    element.current.style.translate = '';
    if (!keys.isHeld) element.current.classList.remove('gv-held');
  };
  const onPointerDown = usePointerDrag<HTMLDivElement, HTMLElement>({
    threshold: PRESS,
    scrolls: true,
    begin: (press) => press.currentTarget,
    move: (_at, by, held) => {
      held.classList.add('gv-held');
      held.style.translate = `${by.x / scale}px ${by.y / scale}px`;
    },
    drop: (_at, by) => {
      putDown();
      const at = { x: frame.x + by.x / scale, y: frame.y + by.y / scale };
      fillIn.say(outcomeInWords(zones, words, name, fillIn.dropPiece(piece.id, at)));
    },
    press: () => fillIn.below?.show(piece.id),
    breakOff: putDown,
  });
  // Where it has a field of its own, that is what keys and screen readers come to.
  const reached = fillIn.below?.ids.has(piece.id)
    ? { 'aria-hidden': true, tabIndex: -1 }
    : { tabIndex: 0, 'aria-roledescription': manner.turns ? words.turnsHelp : words.help, 'aria-label': label };

  const { zone } = keys;
  const shown = zone
    ? { ...frame, x: zone.frame.x + 24, y: zone.frame.y + zone.frame.height / 2 - frame.height / 2 }
    : frame;
  return (
    <>
      <div
        ref={element}
        className={`gv-piece${keys.isHeld ? ' gv-held' : ''}${isPile ? ' gv-pile' : ''}`}
        style={{ ...boxStyle(shown), rotate: frame.rotation === 0 ? undefined : `${frame.rotation}deg` }}
        role="button"
        aria-pressed={keys.isHeld}
        {...reached}
        data-left={left ?? undefined}
        onPointerDown={onPointerDown}
        onKeyDown={keys.onKeyDown}
        onBlur={keys.onBlur}
      >
        {children}
      </div>
      {manner.turns && place && !isPile ? (
        <button
          type="button"
          tabIndex={-1}
          className="gv-turner"
          style={{ left: frame.x + frame.width / 2, top: frame.y }}
          aria-label={words.turn(name)}
          onClick={() => fillIn.turnPiece(piece.id, TURN * 3)}
        >
          ↻
        </button>
      ) : null}
    </>
  );
}

/** How many copies a pile still gives out; `null` for any number. */
function leftIn({ work }: FillIn, { id, manner }: Piece): number | null {
  if (manner.pile === null) return null;
  const out = Object.keys(work.pieces).filter((copy) => copy !== id && sourceOfPiece(copy) === id).length;
  return Math.max(0, manner.pile - out);
}
