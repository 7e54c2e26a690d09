/** What an item refers to: other items, pieces, groups and slides, each with what refers to it. */
import type { GroupId, SlideId } from '../model/identifiers.js';

/**
 * One reference. Links, the gates they wait for and the answers they go by may refer to what is gone: then the link is
 * dangling, and said to be. Everything else lets go of what is gone.
 */
export type Reference =
  | { readonly to: 'slide'; readonly id: string; readonly by: 'link' | 'answer' | 'gate' | 'along' }
  | {
      readonly to: 'item';
      readonly id: string;
      readonly by: 'link' | 'answer' | 'gate' | 'line-end' | 'within' | 'follows';
    }
  /** A piece is known by the id of its item or of its group. */
  | { readonly to: 'piece'; readonly id: string; readonly by: 'belongs' | 'takes' }
  | { readonly to: 'group'; readonly id: string; readonly by: 'member' };

/** What becomes of ids when what they name is copied or goes. */
export interface ReferenceMap {
  readonly slide: (id: SlideId) => SlideId;
  /** Of an item, or of a piece that is a group; `null` when it is gone: what can let go of it does. */
  readonly item: (id: string) => string | null;
  readonly group: (id: GroupId) => GroupId;
}

/** A map that leaves everything as it is. */
export const SAME_REFERENCES: ReferenceMap = { slide: (id) => id, item: (id) => id, group: (id) => id };

/** What a kind of item refers to besides what all items do; in the table of item kinds. */
export interface KindReferences<I> {
  of(item: I): readonly Reference[];
  map(item: I, map: ReferenceMap): I;
}

/** For kinds that refer to nothing of their own. */
export const noReferences = {
  of: (): readonly Reference[] => [],
  map: <I>(item: I): I => item,
};
