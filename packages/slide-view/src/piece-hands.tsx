/** A loose piece in a student's hands: dragged by mouse and touch, or picked up, moved, turned and put down by keys. */
import { type Deck, type Piece, sourceOfPiece } from '@gobrel/core/deck';
import { type Drop, zonesFor } from '@gobrel/core/work';
import { type KeyboardEvent, memo, type PointerEvent, type ReactNode, useEffect, useRef, useState } from 'react';
import type { FillIn } from './hands.js';
import { boxStyle } from './item-frame.js';
import { outcomeInWords, zoneName } from './piece-words.js';
import { useSurroundings } from './surroundings.js';

interface PieceHandsProps {
  readonly edition: Deck;
  /** The piece as it lies now. */
  readonly piece: Piece;
  readonly fillIn: FillIn;
  /** CSS pixels a slide unit. */
  readonly scale: number;
  readonly children: ReactNode;
}

/** A drag shorter than this is a press, in CSS pixels. */
const PRESS = 4;
/** How far arrow keys move a piece, in slide units; with Shift, finely. */
const STEP = 40;
const FINE = 4;
/** How far one press turns a piece, in degrees. */
const TURN = 15;

/** A drag under way: how far it has come, in CSS pixels, `null` while it is still a press. */
interface Drag {
  readonly move: (event: globalThis.PointerEvent) => void;
  by: { readonly x: number; readonly y: number } | null;
}

function carrying(element: HTMLElement, from: { readonly x: number; readonly y: number }, scale: number): Drag {
  const drag: Drag = {
    by: null,
    move: (event) => {
      event.stopPropagation();
      const by = { x: event.clientX - from.x, y: event.clientY - from.y };
      if (!drag.by) {
        if (Math.hypot(by.x, by.y) < PRESS) return;
        element.classList.add('gv-held');
      }
      drag.by = by;
      element.style.translate = `${by.x / scale}px ${by.y / scale}px`;
    },
  };
  return drag;
}

export const PieceHands = memo(function PieceHands({ edition, piece, fillIn, scale, children }: PieceHandsProps) {
  const { words } = useSurroundings();
  const [held, setHeld] = useState(false);
  const drag = useRef<Drag | null>(null);
  const element = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Otherwise the browser takes a quick drag for a fling and swallows the next tap; React's own listeners are passive.
    const dragged = element.current;
    const keep = (event: TouchEvent) => event.preventDefault();
    dragged?.addEventListener('touchmove', keep, { passive: false });
    return () => dragged?.removeEventListener('touchmove', keep);
  }, []);

  const zones = zonesFor(edition, piece.id);
  const name = piece.name || words.pieces.unnamed;
  const place = fillIn.work.pieces[piece.id];
  const inZone = zones.findIndex((zone) => zone.id === place?.zoneId);
  const isPile = piece.manner.pile !== 0;
  const tell = (drop: Drop | null) => fillIn.say(outcomeInWords(edition, words.pieces, name, drop));

  // A drag moves the element itself, and its moves go no further: nothing is drawn anew until the piece is let go, and
  // a weak tablet has no time to tell the whole page of every move.
  const lift = (event: PointerEvent<HTMLDivElement>) => {
    if (event.button !== 0 || drag.current) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    const from = { x: event.clientX, y: event.clientY };
    const carry = carrying(event.currentTarget, from, scale);
    event.currentTarget.addEventListener('pointermove', carry.move);
    drag.current = carry;
  };
  const putDown = () => {
    const { current } = drag;
    drag.current = null;
    if (!element.current || !current) return null;
    element.current.removeEventListener('pointermove', current.move);
    element.current.style.translate = '';
    if (!held) element.current.classList.remove('gv-held');
    return current.by && { x: piece.frame.x + current.by.x / scale, y: piece.frame.y + current.by.y / scale };
  };
  const letGo = () => {
    const at = putDown();
    if (at) tell(fillIn.dropPiece(piece.id, at));
  };

  const overZone = useRef(0);
  const pickUp = () => {
    overZone.current = Math.max(0, inZone);
    setHeld(true);
    fillIn.say(words.pieces.pickedUp(name, zones.length > 0 ? zoneName(zones, overZone.current, words.pieces) : null));
  };
  const nudge = (key: string, by: number): boolean => {
    const way = { ArrowRight: [1, 0], ArrowLeft: [-1, 0], ArrowDown: [0, 1], ArrowUp: [0, -1] }[key];
    if (!way) return false;
    const [dx = 0, dy = 0] = way;
    const drop = fillIn.nudgePiece(piece.id, dx * by, dy * by);
    const moved = drop?.changes.find((change) => change.part === 'pieces' && change.id === drop.pieceId);
    if (moved?.part === 'pieces' && moved.value) fillIn.say(words.pieces.moved(moved.value.x, moved.value.y));
    return true;
  };
  const chooseZone = (key: string): boolean => {
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[key];
    if (step === undefined || zones.length === 0) return false;
    overZone.current = (overZone.current + step + zones.length) % zones.length;
    fillIn.say(words.pieces.over(zoneName(zones, overZone.current, words.pieces)));
    setOver(overZone.current);
    return true;
  };
  const [over, setOver] = useState(0);

  const byKeys = (event: KeyboardEvent) => {
    const { key } = event;
    const isPress = key === 'Enter' || key === ' ';
    const done = (): boolean => {
      if (key === 'Delete' || key === 'Backspace') {
        fillIn.sendHome([piece.id]);
        fillIn.say(words.pieces.wentHome(name));
        setHeld(false);
        return true;
      }
      if (piece.manner.turns && (key === '[' || key === ']')) {
        fillIn.turnPiece(piece.id, key === ']' ? TURN : -TURN);
        fillIn.say(words.pieces.turned(((place?.turn ?? 0) + (key === ']' ? TURN : -TURN) + 360) % 360));
        return true;
      }
      if (!held) {
        if (!isPress) return false;
        pickUp();
        setOver(Math.max(0, inZone));
        return true;
      }
      if (key === 'Escape') {
        setHeld(false);
        fillIn.say(words.pieces.putBack(name));
        return true;
      }
      if (isPress) {
        const zone = zones[overZone.current];
        setHeld(false);
        tell(zone ? fillIn.putIntoZone(piece.id, zone.id) : null);
        return true;
      }
      if (event.altKey || event.shiftKey || zones.length === 0) return nudge(key, event.shiftKey ? FINE : STEP);
      return chooseZone(key);
    };
    if (!done()) return;
    event.preventDefault();
    event.stopPropagation();
  };

  const target = held ? zones[over] : undefined;
  const { frame } = piece;
  const shown = target
    ? { ...frame, x: target.frame.x + 24, y: target.frame.y + target.frame.height / 2 - frame.height / 2 }
    : frame;
  const label = isPile
    ? words.pieces.pile(name, leftIn(fillIn, piece))
    : words.pieces.name(name, inZone < 0 ? null : zoneName(zones, inZone, words.pieces));
  return (
    <div
      ref={element}
      className={`gv-piece${held ? ' gv-held' : ''}${isPile ? ' gv-pile' : ''}`}
      style={{ ...boxStyle(shown), rotate: frame.rotation === 0 ? undefined : `${frame.rotation}deg` }}
      role="button"
      tabIndex={0}
      aria-roledescription={piece.manner.turns ? words.pieces.turnsHelp : words.pieces.help}
      aria-pressed={held}
      aria-label={label}
      data-left={isPile && piece.manner.pile !== null ? leftIn(fillIn, piece) : undefined}
      onPointerDown={lift}
      onPointerUp={letGo}
      onPointerCancel={putDown}
      onKeyDown={byKeys}
      onBlur={() => setHeld(false)}
    >
      {children}
      {piece.manner.turns && place && !isPile ? (
        <button
          type="button"
          tabIndex={-1}
          className="gv-turner"
          aria-label={words.pieces.turn(name)}
          onPointerDown={(event) => event.stopPropagation()}
          onClick={() => fillIn.turnPiece(piece.id, TURN * 3)}
        >
          ↻
        </button>
      ) : null}
    </div>
  );
});

/** How many copies a pile still gives out; `null` for any number. */
function leftIn({ work }: FillIn, { id, manner }: Piece): number | null {
  if (manner.pile === null) return null;
  const out = Object.keys(work.pieces).filter((copy) => copy !== id && sourceOfPiece(copy) === id).length;
  return Math.max(0, manner.pile - out);
}
