/** A piece under the keys: picked up, moved among zones or freely, turned, put down, sent home; all of it spoken. */
import type { Piece, ZoneItem } from '@gobrel/core/deck';
import type { Drop } from '@gobrel/core/work';
import { type KeyboardEvent, useState } from 'react';
import type { FillIn } from './hands.js';
import { outcomeInWords, zoneName } from './piece-words.js';
import { useSurroundings } from './surroundings.js';

/** How far arrow keys move a piece, in slide units; with Shift, finely. */
const STEP = 40;
const FINE = 4;
/** How far one press turns a piece, in degrees. */
export const TURN = 15;

/** A piece that is picked up, over a zone by its place among them, or over none. */
interface Held {
  readonly over: number | null;
}

interface PieceKeys {
  /** The zones of the piece's slide. */
  readonly zones: readonly ZoneItem[];
  readonly piece: Piece;
  readonly fillIn: FillIn;
}

/** Whether the piece is picked up, the zone it is over, and what listens to the keys. */
export function usePieceKeys({ zones, piece, fillIn }: PieceKeys) {
  const { pieces: words } = useSurroundings().words;
  const [held, setHeld] = useState<Held | null>(null);
  const name = piece.name || words.unnamed;
  const place = fillIn.work.pieces[piece.id];
  const called = (at: number) => zoneName(zones, at, words);
  const tell = (drop: Drop | null) => fillIn.say(outcomeInWords(zones, words, name, drop));

  const pickUp = () => {
    const inZone = zones.findIndex((zone) => zone.id === place?.zoneId);
    const over = zones.length === 0 ? null : Math.max(0, inZone);
    setHeld({ over });
    fillIn.say(words.pickedUp(name, over === null ? null : called(over)));
  };
  const putDown = (over: number | null) => {
    const zone = over === null ? undefined : zones[over];
    setHeld(null);
    if (zone) tell(fillIn.putIntoZone(piece.id, zone.id));
    else fillIn.say(words.lies(name));
  };
  const nudge = (way: readonly [number, number], by: number) => {
    const drop = fillIn.nudgePiece(piece.id, way[0] * by, way[1] * by);
    const moved = drop?.changes.find((change) => change.part === 'pieces' && change.id === drop.pieceId);
    // A pile has given out a copy, which is taken in hand by itself.
    setHeld(piece.manner.pile === 0 ? { over: null } : null);
    if (moved?.part === 'pieces' && moved.value) fillIn.say(words.moved(moved.value.x, moved.value.y));
  };
  const chooseZone = (from: number | null, step: number) => {
    const over = from === null ? 0 : (from + step + zones.length) % zones.length;
    setHeld({ over });
    fillIn.say(words.over(called(over)));
  };
  const turn = (by: number) => {
    fillIn.turnPiece(piece.id, by);
    fillIn.say(words.turned(((place?.turn ?? 0) + by + 360) % 360));
  };

  /** Whether the key meant something here. */
  const act = ({ key, altKey, shiftKey }: KeyboardEvent): boolean => {
    if (key === 'Delete' || key === 'Backspace') {
      setHeld(null);
      fillIn.sendHome([piece.id]);
      fillIn.say(words.wentHome(name));
    } else if (piece.manner.turns && (key === '[' || key === ']')) {
      turn(key === ']' ? TURN : -TURN);
    } else if (key === 'Enter' || key === ' ') {
      if (held) putDown(held.over);
      else pickUp();
    } else if (held && key === 'Escape') {
      setHeld(null);
      fillIn.say(words.putBack(name));
    } else if (held && ways[key]) {
      if (altKey || shiftKey || zones.length === 0) nudge(ways[key], shiftKey ? FINE : STEP);
      else chooseZone(held.over, ways[key][0] + ways[key][1]);
    } else {
      return false;
    }
    return true;
  };
  const onKeyDown = (event: KeyboardEvent) => {
    if (!act(event)) return;
    event.preventDefault();
    event.stopPropagation();
  };
  const zone = held?.over == null ? undefined : zones[held.over];
  return { isHeld: held !== null, zone, onKeyDown, onBlur: () => setHeld(null) };
}

const ways: Readonly<Record<string, readonly [number, number]>> = {
  ArrowRight: [1, 0],
  ArrowLeft: [-1, 0],
  ArrowDown: [0, 1],
  ArrowUp: [0, -1],
};
