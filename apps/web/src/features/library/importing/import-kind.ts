/** What a file that somebody wants to import is, by its name and type. */

/** What can be imported: pictures, a text of any kind that is read, or questions. */
export type ImportKind = 'pictures' | 'text' | 'questions';

/** Endings of the files that are offered. */
export const ACCEPTED = 'image/*,.txt,.md,.markdown,.dot,.gv,.mmd,.mermaid,.csv,.tsv,.zip,.xml';

const kinds: readonly (readonly [RegExp, ImportKind])[] = [
  [/\.(csv|tsv|zip|xml)$/i, 'questions'],
  [/\.(txt|md|markdown|dot|gv|mmd|mermaid)$/i, 'text'],
];

/** What some files are together; `unknown` with the first that cannot be imported, `mixed` where they do not go together. */
export function importKind(
  files: readonly Pick<File, 'name' | 'type'>[],
): { readonly kind: ImportKind } | { readonly why: 'mixed' } | { readonly why: 'unknown'; readonly name: string } {
  const found = files.map(({ name, type }) => ({
    name,
    kind: type.startsWith('image/') ? ('pictures' as const) : kinds.find(([ending]) => ending.test(name))?.[1],
  }));
  const strange = found.find(({ kind }) => kind === undefined);
  if (strange) return { why: 'unknown', name: strange.name };
  const first = found[0]?.kind ?? 'pictures';
  const goTogether = first === 'pictures' ? found.every(({ kind }) => kind === first) : found.length === 1;
  return goTogether ? { kind: first } : { why: 'mixed' };
}
