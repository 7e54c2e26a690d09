/** Names as a school writes them: read from what is typed or pasted, and told apart where two are the same. */

/** Somebody who is to be listed. */
interface Named {
  readonly id: string;
  readonly name: string;
}

/**
 * Names by id; where several are the same, each is followed by its place among them: *Ana Lima (1)*, *Ana Lima (2)*.
 * The order of ids decides, so that a number stays with a student.
 */
export function namesApart(people: readonly Named[]): ReadonlyMap<string, string> {
  const alike = new Map<string, string[]>();
  for (const { id, name } of people) alike.set(keyOf(name), [...(alike.get(keyOf(name)) ?? []), id]);
  return new Map(
    people.map(({ id, name }) => {
      const same = [...(alike.get(keyOf(name)) ?? [])].sort();
      return [id, same.length > 1 ? `${name} (${same.indexOf(id) + 1})` : name];
    }),
  );
}

/** Whether two names look the same to whoever reads them: letters that cannot be seen and their case do not count. */
export function isSameName(a: string, b: string): boolean {
  return keyOf(a) === keyOf(b);
}

function keyOf(name: string): string {
  return name
    .normalize('NFKC')
    .replace(/\p{Cf}/gu, '')
    .replace(/\s+/g, ' ')
    .trim()
    .toLowerCase();
}

/** Orders names as a register does, accents beside their letters. */
export function byName<T extends { readonly name: string }>(people: readonly T[]): T[] {
  const order = new Intl.Collator('en', { sensitivity: 'base', numeric: true });
  return [...people].sort((a, b) => order.compare(a.name, b.name));
}
