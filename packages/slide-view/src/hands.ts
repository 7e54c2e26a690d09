/** What somebody may do on a drawn slide. Without hands a slide is a picture of itself. */
import type { Destination, ItemId } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import type { Answer, Work } from '@gobrel/core/work';

/** Following links. */
export type FollowLink = (destination: Destination) => void;

/** Filling in: each function says what the student did; the caller decides what becomes of it. */
export interface FillIn {
  readonly work: Work;
  /** Whether nothing may be changed, since it is submitted or somebody only looks. */
  readonly locked: boolean;
  readonly setBlank: (itemId: ItemId, text: string) => void;
  readonly setAnswer: (itemId: ItemId, answer: Answer) => void;
  readonly addText: (areaId: ItemId) => void;
  readonly setAddedText: (id: string, text: string) => void;
  readonly removeAddedText: (id: string) => void;
  /** A piece was let go with its top left corner at `at`, in slide units. */
  readonly dropPiece: (itemId: ItemId, at: Point) => void;
  readonly putIntoZone: (itemId: ItemId, zoneId: ItemId) => void;
  /** Says something to a screen reader. */
  readonly say: (words: string) => void;
  /** Says something that everybody should read, such as a text that is too long. */
  readonly warn: (words: string) => void;
}
