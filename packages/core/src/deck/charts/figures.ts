/** What charts show. */

/** The figures of one row of names: a bar each, or the points of a line. */
export interface ChartSeries {
  /** What heads its column; '' for none. */
  readonly name: string;
  /** A figure for each name; `null` where none can be read. */
  readonly figures: readonly (number | null)[];
  /** Each as it is written in the table. */
  readonly said: readonly string[];
}

/** What a chart shows. */
export interface ChartFigures {
  /** What heads the names; '' for none. */
  readonly heading: string;
  readonly names: readonly string[];
  readonly series: readonly ChartSeries[];
}
