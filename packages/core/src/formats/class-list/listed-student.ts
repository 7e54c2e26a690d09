/** A student of a class list. */

/** A student of a list; the group is '' where there is none. */
export interface ListedStudent {
  readonly name: string;
  readonly group: string;
}
