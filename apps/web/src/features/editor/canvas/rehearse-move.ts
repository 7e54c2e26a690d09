/**
 * Browsers make code fast when it has run some hundred times, and put the fast code in place in the midst of what just
 * runs. So that no drag is held up by it, moving is rehearsed once, out of sight, while nobody waits.
 */
import { boundsOfAll, snapTargets } from '@gobrel/core/geometry';
import { Move } from './moving';

/** Moves it takes until browsers have done with it. */
const MOVES = 3000;
/** Moves between two looks at the time that is left: on a weak device they take some milliseconds at first. */
const AT_ONCE = 10;
/** So much time has to be left for them, in ms. */
const ENOUGH = 4;

const SLIDE = { width: 1280, height: 720 };
const ITEM = { x: 100.5, y: 100.5, width: 44.5, height: 30.5, rotation: 0 };
/** CSS pixels a slide unit. */
const SCALE = 0.7;

let rest = MOVES;

/** Rehearses when there is time, if that has not been done. Gives what breaks it off. */
export function rehearseMove(): () => void {
  let idle: number | null = null;
  // Not every browser tells when it has time.
  if (typeof requestIdleCallback === 'undefined') return () => undefined;
  const goOn = (deadline: IdleDeadline) => {
    while (rest > 0 && deadline.timeRemaining() > ENOUGH) {
      moveUnseen(rest, AT_ONCE);
      rest -= AT_ONCE;
    }
    if (rest > 0) idle = requestIdleCallback(goOn);
  };
  idle = requestIdleCallback(goOn);
  return () => {
    if (idle !== null) cancelIdleCallback(idle);
  };
}

/** Moves an item that is on no page to and fro among others: fractions and all, past every edge, as hands do. */
function moveUnseen(first: number, count: number): void {
  const canvas = document.createElement('div');
  canvas.appendChild(document.createElement('div')).dataset['item'] = 'rehearsed';
  const others = Array.from({ length: 40 }, (_, place) => ({
    ...ITEM,
    x: (place % 8) * 160.5,
    y: (place >> 3) * 150.5,
  }));
  const around = boundsOfAll([ITEM]) ?? ITEM;
  const move = new Move({
    before: { rehearsed: ITEM },
    around,
    canvas,
    lead: false,
    snap: { targets: snapTargets(others, SLIDE, around), reach: 6 / SCALE, grid: 0 },
    from: { pointerId: 0, clientX: 0.5, clientY: 0.5 },
    press: 3,
    scale: SCALE,
  });
  for (let step = first; step < first + count; step += 1) {
    // Each far from the one before, so that it never stays and shows no guides.
    const clientX = (step % 2 === 0 ? -300 : 200) + ((step * 7.3) % 700);
    move.handleEvent(new PointerEvent('pointermove', { clientX, clientY: ((step * 3.7) % 900) - 200 }));
  }
  move.end();
}
