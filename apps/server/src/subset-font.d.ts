/** What of the package subset-font is used here. */
declare module 'subset-font' {
  /** A font with these letters only, its axes set to values. */
  export default function subsetFont(
    font: Buffer,
    letters: string,
    options: { readonly targetFormat: 'truetype'; readonly variationAxes?: Readonly<Record<string, number>> },
  ): Promise<Buffer>;
}
