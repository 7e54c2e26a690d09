/** What files that somebody wants to import are, by their names and types. */

import { PRESENTATION_ENDINGS } from '../../../shared/deck-files';

/** What can be imported: presentations, documents, pictures, a text of any kind that is read, or questions. */
export type ImportKind = 'presentation' | 'document' | 'pictures' | 'text' | 'questions';

/** Endings of the files that are offered. */
export const ACCEPTED = `.${PRESENTATION_ENDINGS.join(',.')},.pdf,image/*,.txt,.md,.markdown,.dot,.gv,.mmd,.mermaid,.csv,.tsv,.zip,.xml`;

const kinds: readonly (readonly [RegExp, ImportKind])[] = [
  [new RegExp(`\\.(${PRESENTATION_ENDINGS.join('|')})$`, 'i'), 'presentation'],
  [/\.pdf$/i, 'document'],
  [/\.(csv|tsv|zip|xml)$/i, 'questions'],
  [/\.(txt|md|markdown|dot|gv|mmd|mermaid)$/i, 'text'],
];

/** Files that become one deck. */
export interface ImportGroup<F> {
  readonly kind: ImportKind;
  readonly files: readonly F[];
}

/** Whether a file says that it is a presentation. */
export function saysPresentation({ name }: Pick<File, 'name'>): boolean {
  return kindOf({ name, type: '' }) === 'presentation';
}

function kindOf({ name, type }: Pick<File, 'name' | 'type'>): ImportKind | undefined {
  return type.startsWith('image/') ? 'pictures' : kinds.find(([ending]) => ending.test(name))?.[1];
}

/** What some files become, and the names of those that cannot be imported. */
export interface ImportGroups<F> {
  readonly groups: readonly ImportGroup<F>[];
  readonly unknown: readonly string[];
}

/** The decks that some files become: all pictures are one, every other file is one. */
export function importGroups<F extends Pick<File, 'name' | 'type'>>(files: readonly F[]): ImportGroups<F> {
  const pictures = files.filter((file) => kindOf(file) === 'pictures');
  const others = files.flatMap((file): ImportGroup<F>[] => {
    const kind = kindOf(file);
    return kind === undefined || kind === 'pictures' ? [] : [{ kind, files: [file] }];
  });
  return {
    groups: [...(pictures.length > 0 ? [{ kind: 'pictures' as const, files: pictures }] : []), ...others],
    unknown: files.filter((file) => kindOf(file) === undefined).map(({ name }) => name),
  };
}
