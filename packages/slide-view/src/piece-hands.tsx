/** A loose piece in a student's hands: dragged by mouse, pen and finger, or led by keys. */
import { type Piece, sourceOfPiece, type ZoneItem } from '@gobrel/core/deck';
import { type PointerEvent, type ReactNode, useEffect, useRef } from 'react';
import type { FillIn } from './hands.js';
import { boxStyle } from './item-frame.js';
import { pressOnlyOnce } from './keep-to-drag.js';
import { keysWhileDragging } from './keys-while-dragging.js';
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

/** A piece on its way: a listener to the moves of the pointer that took it, which nobody else hears of meanwhile. */
class Drag {
  /** How far it has come, in CSS pixels; `null` while it is still a press. */
  by: { readonly x: number; readonly y: number } | null = null;
  private readonly leaveKeys: () => void;

  constructor(
    private readonly element: HTMLElement,
    private readonly from: { readonly pointerId: number; readonly clientX: number; readonly clientY: number },
    private readonly scale: number,
    breakOff: () => void,
  ) {
    window.addEventListener('pointermove', this, { capture: true });
    this.leaveKeys = keysWhileDragging(from.pointerId, breakOff);
  }

  handleEvent(move: globalThis.PointerEvent): void {
    if (move.pointerId !== this.from.pointerId) return;
    move.stopPropagation();
    const by = { x: move.clientX - this.from.clientX, y: move.clientY - this.from.clientY };
    if (!this.by) {
      if (Math.hypot(by.x, by.y) < PRESS) return;
      this.element.classList.add('gv-held');
    }
    this.by = by;
    this.element.style.translate = `${by.x / this.scale}px ${by.y / this.scale}px`;
  }

  end(): void {
    window.removeEventListener('pointermove', this, { capture: true });
    this.leaveKeys();
    this.element.style.translate = '';
  }
}

export function PieceHands({ zones, piece, fillIn, scale, children }: PieceHandsProps) {
  const { pieces: words } = useSurroundings().words;
  const keys = usePieceKeys({ zones, piece, fillIn });
  const drag = useRef<Drag | null>(null);
  const element = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Otherwise the browser takes a quick drag for a fling and swallows the next tap; React's own listeners are passive.
    const dragged = element.current;
    const keep = (event: TouchEvent) => event.preventDefault();
    dragged?.addEventListener('touchmove', keep, { passive: false });
    return () => {
      dragged?.removeEventListener('touchmove', keep);
      // Whoever leads may leave the slide while a piece is on its way.
      drag.current?.end();
    };
  }, []);

  const { frame, manner } = piece;
  const name = piece.name || words.unnamed;
  const place = fillIn.work.pieces[piece.id];
  const inZone = zones.findIndex((zone) => zone.id === place?.zoneId);
  const isPile = manner.pile !== 0;
  const left = isPile ? leftIn(fillIn, piece) : null;

  // A drag moves the element itself, and its moves go no further: nothing is drawn anew until the piece is let go, and
  // a weak tablet has no time to tell the whole page of every move.
  const lift = (event: PointerEvent<HTMLDivElement>) => {
    if (event.button !== 0 || drag.current) return;
    pressOnlyOnce(event);
    event.currentTarget.setPointerCapture(event.pointerId);
    drag.current = new Drag(event.currentTarget, event, scale, putDown);
  };
  const putDown = () => {
    const { current } = drag;
    drag.current = null;
    current?.end();
    if (!element.current || !current) return null;
    if (!keys.isHeld) element.current.classList.remove('gv-held');
    return current.by && { x: frame.x + current.by.x / scale, y: frame.y + current.by.y / scale };
  };
  const letGo = () => {
    const at = putDown();
    if (at) fillIn.say(outcomeInWords(zones, words, name, fillIn.dropPiece(piece.id, at)));
  };

  const { zone } = keys;
  const shown = zone
    ? { ...frame, x: zone.frame.x + 24, y: zone.frame.y + zone.frame.height / 2 - frame.height / 2 }
    : frame;
  const label = isPile ? words.pile(name, left) : words.name(name, inZone < 0 ? null : zoneName(zones, inZone, words));
  return (
    <>
      <div
        ref={element}
        className={`gv-piece${keys.isHeld ? ' gv-held' : ''}${isPile ? ' gv-pile' : ''}`}
        style={{ ...boxStyle(shown), rotate: frame.rotation === 0 ? undefined : `${frame.rotation}deg` }}
        role="button"
        tabIndex={0}
        aria-roledescription={manner.turns ? words.turnsHelp : words.help}
        aria-pressed={keys.isHeld}
        aria-label={label}
        data-left={left ?? undefined}
        onPointerDown={lift}
        onPointerUp={letGo}
        onPointerCancel={putDown}
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
