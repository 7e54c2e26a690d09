/** What the drawing of every item kind is given. */
import type { Item } from '@gobrel/core/deck';
import type { FillIn, FollowLink } from '../hands.js';

export interface ItemProps<T extends Item> {
  readonly item: T;
  readonly follow?: FollowLink | undefined;
  readonly fillIn?: FillIn | undefined;
  /** Whether the author is at work: then what is invisible in the show is drawn for what it is. */
  readonly editing?: boolean | undefined;
}
