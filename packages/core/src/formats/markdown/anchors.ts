/** What headings are called in addresses, so that links among slides come out and in as the same. */

/**
 * The anchors of headings by their names, in order, as GitHub makes them: those that would be called alike are counted.
 * No two are the same. Linear, but where very many are called alike.
 */
export function anchorsOf(names: readonly string[]): readonly string[] {
  const taken = new Set<string>();
  const counts = new Map<string, number>();
  return names.map((name) => {
    const plain = name
      .toLowerCase()
      .replace(/[^\p{L}\p{N}\s_-]/gu, '')
      .trim()
      .replace(/\s+/g, '-');
    let count = counts.get(plain) ?? 0;
    let anchor = count === 0 ? plain : `${plain}-${count}`;
    for (; taken.has(anchor); anchor = `${plain}-${count}`) count += 1;
    counts.set(plain, count + 1);
    taken.add(anchor);
    return anchor;
  });
}
