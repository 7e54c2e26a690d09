/** A loose piece in a student's hands: dragged by mouse and touch, or picked up, moved among zones and put down by keys. */
import { type Deck, type Item, nameOf } from '@gobrel/core/deck';
import { zonesFor } from '@gobrel/core/work';
import { type KeyboardEvent, type PointerEvent, type ReactNode, useEffect, useRef, useState } from 'react';
import type { FillIn } from './hands.js';
import { frameStyle } from './item-frame.js';
import { useSurroundings } from './surroundings.js';

interface PieceHandsProps {
  /** The edition with the student's work laid over it. */
  readonly deck: Deck;
  readonly item: Item;
  readonly fillIn: FillIn;
  /** CSS pixels a slide unit. */
  readonly scale: number;
  readonly children: ReactNode;
}

/** A drag shorter than this is a press, in CSS pixels. */
const PRESS = 4;

export function PieceHands({ deck, item, fillIn, scale, children }: PieceHandsProps) {
  const { words } = useSurroundings();
  const [shift, setShift] = useState<{ x: number; y: number } | null>(null);
  const [heldOver, setHeldOver] = useState<number | null>(null);
  const start = useRef<{ x: number; y: number } | null>(null);
  const element = useRef<HTMLDivElement>(null);
  useEffect(() => {
    // Otherwise the browser takes a quick drag for a fling and swallows the next tap; React's own listeners are passive.
    const piece = element.current;
    const keep = (event: TouchEvent) => event.preventDefault();
    piece?.addEventListener('touchmove', keep, { passive: false });
    return () => piece?.removeEventListener('touchmove', keep);
  }, []);
  const zones = zonesFor(deck, item.id);
  const name = nameOf(item) || words.unnamedPiece;
  const zoneName = (index: number) => {
    const zone = zones[index];
    return zone ? nameOf(zone) || words.unnamedZone(index + 1) : '';
  };
  const place = fillIn.work.pieces[item.id];
  const inZone = zones.findIndex((zone) => zone.id === place?.zoneId);

  const lift = (event: PointerEvent) => {
    if (event.button !== 0) return;
    event.currentTarget.setPointerCapture(event.pointerId);
    start.current = { x: event.clientX, y: event.clientY };
  };
  const carry = (event: PointerEvent) => {
    if (!start.current) return;
    const x = (event.clientX - start.current.x) / scale;
    const y = (event.clientY - start.current.y) / scale;
    if (shift || Math.hypot(x, y) * scale >= PRESS) setShift({ x, y });
  };
  const letGo = () => {
    if (shift) fillIn.dropPiece(item.id, { x: item.frame.x + shift.x, y: item.frame.y + shift.y });
    start.current = null;
    setShift(null);
  };
  const giveUp = () => {
    start.current = null;
    setShift(null);
  };

  const byKeys = (event: KeyboardEvent) => {
    if (heldOver === null) {
      if (event.key !== 'Enter' && event.key !== ' ') return;
      event.preventDefault();
      if (zones.length === 0) return fillIn.say(words.noZones);
      const first = Math.max(0, inZone);
      setHeldOver(first);
      fillIn.say(words.pickedUp(name, zoneName(first)));
      return;
    }
    const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
    if (step !== undefined) {
      const next = (heldOver + step + zones.length) % zones.length;
      setHeldOver(next);
      fillIn.say(words.overZone(zoneName(next)));
    } else if (event.key === 'Enter' || event.key === ' ') {
      const zone = zones[heldOver];
      if (zone) fillIn.putIntoZone(item.id, zone.id);
      fillIn.say(words.putInto(name, zoneName(heldOver)));
      setHeldOver(null);
    } else if (event.key === 'Escape') {
      fillIn.say(words.putBack(name));
      setHeldOver(null);
    } else {
      return;
    }
    event.preventDefault();
    event.stopPropagation();
  };

  const target = heldOver === null ? undefined : zones[heldOver];
  const frame = target
    ? { ...item.frame, x: target.frame.x + 24, y: target.frame.y + target.frame.height / 2 - item.frame.height / 2 }
    : { ...item.frame, x: item.frame.x + (shift?.x ?? 0), y: item.frame.y + (shift?.y ?? 0) };
  const held = shift !== null || heldOver !== null;
  return (
    <div
      ref={element}
      className={held ? 'gv-piece gv-held' : 'gv-piece'}
      style={frameStyle(frame)}
      role="button"
      tabIndex={0}
      aria-roledescription={words.pieceHelp}
      aria-pressed={held}
      aria-label={words.piece(name, inZone < 0 ? null : zoneName(inZone))}
      onPointerDown={lift}
      onPointerMove={carry}
      onPointerUp={letGo}
      onPointerCancel={giveUp}
      onKeyDown={byKeys}
      onBlur={() => setHeldOver(null)}
    >
      {children}
    </div>
  );
}
