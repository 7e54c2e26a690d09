/** What somebody may do on a drawn slide. Without hands a slide is a picture of itself. */
import type { Destination, ItemId, PieceId } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import type { AnswerFeedback } from '@gobrel/core/questions';
import type { Answer, Drop, Stroke, Sure, Work } from '@gobrel/core/work';

/** Following links. */
export type FollowLink = (destination: Destination) => void;

/** Fields beside a slide that is too small to be filled in itself. */
export interface FieldsBelow {
  /** The items, and pieces, that have one. */
  readonly ids: ReadonlySet<string>;
  /** Leads to the field of one of them. */
  readonly show: (id: string) => void;
}

/** Filling in: each function says what the student did; the caller decides what becomes of it. */
export interface FillIn {
  readonly work: Work;
  /** Whether nothing may be changed, since it is submitted or somebody only looks. */
  readonly locked: boolean;
  /** Tells students apart, so that each sees shuffled choices in an order of their own; '' for nobody. */
  readonly who: string;
  /** What the student was told of answers. */
  readonly feedback: Readonly<Record<ItemId, AnswerFeedback>>;
  /** Where what has a field of its own is filled in; `null` where everything is filled in on the slide. */
  readonly below: FieldsBelow | null;
  readonly setBlank: (itemId: ItemId, text: string) => void;
  /** Fills a blank with one of its options. */
  readonly chooseBlank: (itemId: ItemId, option: string) => void;
  readonly setAnswer: (itemId: ItemId, answer: Answer) => void;
  /** `null` takes it back. */
  readonly setSure: (itemId: ItemId, sure: Sure | null) => void;
  readonly addStroke: (stroke: Stroke) => void;
  readonly removeStrokes: (ids: readonly string[]) => void;
  readonly addText: (areaId: ItemId) => void;
  /** Asks for a picture or a sticker to add; `null` where nobody can be asked. */
  readonly askToAdd: ((areaId: ItemId, what: 'picture' | 'camera' | 'sign') => void) | null;
  readonly setAddedText: (id: string, text: string) => void;
  /** Moves what was added to a place in slide units, as far as its area lets it. */
  readonly moveAdded: (id: string, x: number, y: number) => void;
  /** Makes it larger or smaller by a factor. */
  readonly sizeAdded: (id: string, factor: number) => void;
  readonly removeAdded: (id: string) => void;
  /** A piece was let go with its top left corner at `at`, in slide units; what became of it, `null` for nothing. */
  readonly dropPiece: (pieceId: PieceId, at: Point) => Drop | null;
  readonly putIntoZone: (pieceId: PieceId, zoneId: ItemId) => Drop | null;
  /** Moved by slide units, outside of zones. */
  readonly nudgePiece: (pieceId: PieceId, dx: number, dy: number) => Drop | null;
  /** Turned by degrees clockwise. */
  readonly turnPiece: (pieceId: PieceId, by: number) => void;
  readonly sendHome: (pieceIds: readonly PieceId[]) => void;
  /** Says something to a screen reader. */
  readonly say: (words: string) => void;
  /** Says something that everybody should read, such as a text that is too long. */
  readonly warn: (words: string) => void;
}

/** Hands that only show what was filled in. */
export function readingHands(work: Work, feedback: FillIn['feedback'] = {}, who = ''): FillIn {
  const nothing = () => undefined;
  const nowhere = () => null;
  return {
    work,
    locked: true,
    who,
    feedback,
    below: null,
    setBlank: nothing,
    chooseBlank: nothing,
    setAnswer: nothing,
    setSure: nothing,
    addStroke: nothing,
    removeStrokes: nothing,
    addText: nothing,
    askToAdd: null,
    setAddedText: nothing,
    moveAdded: nothing,
    sizeAdded: nothing,
    removeAdded: nothing,
    dropPiece: nowhere,
    putIntoZone: nowhere,
    nudgePiece: nowhere,
    turnPiece: nothing,
    sendHome: nothing,
    say: nothing,
    warn: nothing,
  };
}

/** Whether an answer can be changed: neither is everything locked, nor this one checked as often as it may be. */
export function canAnswer(fillIn: FillIn | undefined, itemId: ItemId): boolean {
  return fillIn !== undefined && !fillIn.locked && fillIn.feedback[itemId]?.left !== 0;
}
