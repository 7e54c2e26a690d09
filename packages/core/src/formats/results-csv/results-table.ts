/** Results as a table holds them. */

/** Results as they stand in a table. */
export interface ResultsTable {
  /** What each question is called, and what its points are out of; `null` where it is not marked. */
  readonly questions: readonly { readonly name: string; readonly outOf: number | null }[];
  readonly rows: readonly {
    readonly student: string;
    readonly given: readonly string[];
    readonly points: readonly (number | null)[];
  }[];
}
