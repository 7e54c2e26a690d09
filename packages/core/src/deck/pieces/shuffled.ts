/** Orders by chance. */

/**
 * Brings a list into an order by chance (Fisher and Yates).
 * @param random gives numbers from 0 to below 1
 */
export function shuffled<T>(list: readonly T[], random: () => number): readonly T[] {
  const mixed = [...list];
  for (let last = mixed.length - 1; last > 0; last -= 1) {
    const other = Math.floor(random() * (last + 1));
    // Both are places of the list.
    // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
    [mixed[last], mixed[other]] = [mixed[other] as T, mixed[last] as T];
  }
  return mixed;
}
