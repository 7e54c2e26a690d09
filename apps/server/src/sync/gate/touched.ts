/** What a change touches in a shared document: the names under its roots, whatever lies beneath them. */
import type * as Y from 'yjs';

/** A shared type of whatever kind. */
type AnyType = Y.Transaction['changed'] extends Map<infer T, unknown> ? T : never;

/** Names by the root they are under; `null` stands for entries of a list, where there should be a map. */
export type Touched = ReadonlyMap<string, ReadonlySet<string | null>>;

/** What a transaction touched. Costs a step for each type that changed, and for each level it lies deep. */
export function touchedIn({ doc, changed }: Y.Transaction): Touched {
  const touched = new Map<string, Set<string | null>>();
  for (const [type, names] of changed) {
    const { root, name } = placeOf(type);
    const rootName = [...doc.share].find(([, each]) => each === root)?.[0];
    if (rootName === undefined) continue;
    const known = touched.get(rootName) ?? new Set();
    touched.set(rootName, known);
    for (const each of name === undefined ? names : [name]) known.add(each);
  }
  return touched;
}

/** The root that a type lies under, and the name just under the root; no name when it is the root itself. */
function placeOf(type: AnyType): {
  readonly root: AnyType;
  readonly name: string | null | undefined;
} {
  let root = type;
  let name: string | null | undefined;
  while (root._item !== null) {
    name = root._item.parentSub;
    const parent: unknown = root._item.parent;
    // Once it is integrated, what an item lies in is a type; no text is left there, and no id.
    // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
    root = parent as AnyType;
  }
  return { root, name };
}
