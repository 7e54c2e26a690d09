/** The formulas of the sample decks, as they are typed. */
export const typed = {
  speed: String.raw`\[v=\frac{s}{t}\]`,
  distance: String.raw`\(\frac{840\,\text{m}}{2\,\text{h}}\)`,
  right: String.raw`\(7\,\frac{\text{m}}{\text{min}}\)`,
  times: String.raw`\(14\,\frac{\text{m}}{\text{min}}\)`,
  less: String.raw`\(\frac{1}{7}\,\frac{\text{m}}{\text{min}}\)`,
} as const;
