/** The bin: what was deleted, and can be restored for a while. */

/** Everything a teacher has in the bin, what was deleted last first. */
export interface BinView {
  readonly decks: readonly DeletedDeck[];
  readonly lessons: readonly DeletedLesson[];
  readonly classes: readonly DeletedClass[];
}

/** What can be in the bin. */
export const binKinds = ['decks', 'lessons', 'classes'] as const satisfies readonly (keyof BinView)[];

/** A kind of what can be in the bin. */
export type BinKind = (typeof binKinds)[number];

/** Something in the bin. */
interface Deleted {
  readonly id: string;
  /** ISO 8601. */
  readonly deletedAt: string;
  /** When it goes for good; ISO 8601. */
  readonly goneAt: string;
}

/** A deck that was deleted, and can be restored for a while. */
export interface DeletedDeck extends Deleted {
  readonly title: string;
  readonly slideCount: number;
}

/** A lesson that was deleted by itself. */
export interface DeletedLesson extends Deleted {
  readonly title: string;
  /** '' for one that was handed to anybody. */
  readonly className: string;
  /** When it was handed out; ISO 8601. */
  readonly openedAt: string;
}

/** A class that was deleted, with its students and the lessons that went with it. */
export interface DeletedClass extends Deleted {
  readonly name: string;
  readonly students: number;
  readonly lessons: number;
}
