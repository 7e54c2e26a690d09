/** How two rows of numbers go together. */

/** The mean; `NaN` of nothing. */
export function meanOf(values: readonly number[]): number {
  return values.reduce((sum, value) => sum + value, 0) / values.length;
}

/** The variance of a sample (divided by n − 1); `NaN` for fewer than two. */
export function varianceOf(values: readonly number[]): number {
  const mean = meanOf(values);
  return values.reduce((sum, value) => sum + (value - mean) ** 2, 0) / (values.length - 1);
}

/**
 * Pearson's product-moment correlation, −1 to 1; `null` when a row does not vary or there are fewer than two pairs. With
 * a row of noughts and ones it is the point-biserial correlation.
 */
export function correlation(one: readonly number[], other: readonly number[]): number | null {
  const count = Math.min(one.length, other.length);
  const [a, b] = [one.slice(0, count), other.slice(0, count)];
  const [meanA, meanB] = [meanOf(a), meanOf(b)];
  let [together, aloneA, aloneB] = [0, 0, 0];
  a.forEach((value, at) => {
    const [fromA, fromB] = [value - meanA, (b[at] ?? 0) - meanB];
    together += fromA * fromB;
    aloneA += fromA * fromA;
    aloneB += fromB * fromB;
  });
  if (count < 2 || aloneA <= 1e-12 || aloneB <= 1e-12) return null;
  return Math.max(-1, Math.min(1, together / Math.sqrt(aloneA * aloneB)));
}
