/**
 * Moving items with the pointer: how far, by what they are drawn in, and showing it by shifting what is drawn of them.
 * Moves come faster than anything else that happens here, so one that changes nothing costs nothing more.
 */
import type { ItemId } from '@gobrel/core/deck';
import {
  type Box,
  type Frame,
  type Guide,
  guidesFor,
  moveFrame,
  type Point,
  type Shift,
  snapMove,
} from '@gobrel/core/geometry';
import type { DraggedBy } from '@gobrel/slide-view';
import { type Dragged, eachFrame, type DragModifiers } from './dragged-frames';
import { showGuides, useDragPreview } from './drag-preview';
import { DrawnShift } from './shift-drawn';

/** How far items that lie in a box are moved when the pointer has gone a way, in slide units. */
export function movedBy(around: Box, way: Point, { exact, snap }: DragModifiers): Shift {
  const alongX = isFree('x', way, exact);
  const alongY = isFree('y', way, exact);
  const dx = alongX ? Math.round(way.x) : 0;
  const dy = alongY ? Math.round(way.y) : 0;
  if (!snap) return { dx, dy };
  const drawn = snapMove(moveFrame(around, dx, dy), snap.targets, snap.reach, snap.grid);
  return { dx: alongX ? dx + drawn.dx : 0, dy: alongY ? dy + drawn.dy : 0 };
}

/** What shows why they came to lie there. */
export function guidesOf(around: Box, { dx, dy }: Shift, way: Point, { exact, snap }: DragModifiers): readonly Guide[] {
  if (!snap) return [];
  const guides = guidesFor(moveFrame(around, dx, dy), snap.targets);
  return exact ? guides.filter(({ axis }) => isFree(axis, way, exact)) : guides;
}

/** What is moved straight is drawn along its way only. */
function isFree(axis: 'x' | 'y', { x, y }: Point, exact: boolean): boolean {
  return !exact || Math.abs(x) > Math.abs(y) === (axis === 'x');
}

function movedFrames(frames: Readonly<Record<ItemId, Frame>>, { dx, dy }: Shift): Dragged['frames'] {
  return eachFrame(frames, (frame) => moveFrame(frame, dx, dy));
}

/** Guides show where items come to lie, not where they pass: they have to lie there so long, in ms. */
const STAY = 100;
/** So often it is looked whether the pointer has stopped altogether, in ms. */
const LOOK = 400;

/** What a move goes by. */
interface MoveOf {
  /** Frames of the items, as they were. */
  readonly before: Readonly<Record<ItemId, Frame>>;
  /** The box they lie in. */
  readonly around: Box;
  /** Holds what is drawn of them. */
  readonly canvas: HTMLElement;
  /** Whether lines are tied to them, and follow. */
  readonly lead: boolean;
  readonly snap: DragModifiers['snap'];
  /** CSS pixels a slide unit. */
  readonly scale: number;
}

/** Items on their way. */
export class Move {
  private readonly drawn: DrawnShift;
  private by: Shift = { dx: 0, dy: 0 };
  /** The pointer's way that took them there, and how. */
  private way: Point = { x: 0, y: 0 };
  private manner: DragModifiers;
  /** When it did, in ms as events count them. */
  private since = 0;
  private told = true;
  private readonly looking = setInterval(() => this.tell(performance.now()), LOOK);

  constructor(private readonly of: MoveOf) {
    this.manner = { exact: false, fromCentre: false, snap: of.snap };
    this.drawn = new DrawnShift(of.canvas, of.before);
    this.drawn.begin();
  }

  /** Shows them where the pointer takes them. @param pointer its way since the press, in CSS pixels */
  to(at: PointerEvent, pointer: DraggedBy): void {
    const { of } = this;
    const way = { x: pointer.x / of.scale, y: pointer.y / of.scale };
    const manner = { exact: at.shiftKey, fromCentre: false, snap: at.ctrlKey || at.metaKey ? null : of.snap };
    const by = movedBy(of.around, way, manner);
    if (by.dx === this.by.dx && by.dy === this.by.dy) return this.tell(at.timeStamp);
    this.by = by;
    this.way = way;
    this.manner = manner;
    this.since = at.timeStamp;
    this.drawn.to(by.dx, by.dy);
    if (of.lead) useDragPreview.setState({ shifted: this.frames });
    if (this.told) showGuides([]);
    this.told = false;
  }

  /** Their frames by now. */
  get frames(): Dragged['frames'] {
    return movedFrames(this.of.before, this.by);
  }

  /** Shows them where they were. */
  end(): void {
    clearInterval(this.looking);
    this.drawn.end();
  }

  /** Shows what they are flush with, if they have stayed. */
  private tell(at: number): void {
    // Asked first, as it mostly ends here.
    if (at - this.since < STAY) return;
    this.drawn.keepUp();
    if (this.told) return;
    showGuides(guidesOf(this.of.around, this.by, this.way, this.manner));
    this.told = true;
  }
}
