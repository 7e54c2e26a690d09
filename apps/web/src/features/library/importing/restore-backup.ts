/** What is in a backup, with what it shows stored here like anything that is uploaded. */
import { type Deck, readDeck } from '@gobrel/core/deck';
import type { BackupContent, KeptBeside, LeftOfBackup, ReadBackup } from '@gobrel/core/formats';
import { storeFile, storePicture } from '../../../shared/contents';
import { messages } from '../../../shared/messages';

/** A deck that came out of a file. */
export interface ImportedDeck {
  readonly title: string;
  readonly deck: Deck;
}

/**
 * The decks of a backup, naming what they show as it is named here.
 * @param onStored told after each picture and file
 * @throws when `signal` ends it
 */
export async function restoreBackup(
  { decks, contents, left, beside }: ReadBackup,
  signal: AbortSignal,
  onStored: (at: number, count: number) => void,
): Promise<{
  readonly decks: readonly ImportedDeck[];
  readonly left: readonly string[];
  readonly beside: KeptBeside;
}> {
  const names = new Map<string, string>();
  for (const [at, content] of contents.entries()) {
    signal.throwIfAborted();
    onStored(at + 1, contents.length);
    const id = await stored(content);
    if (id !== null && id !== content.id) names.set(content.id, id);
  }
  return {
    decks: decks.map(({ title, deck }) => ({ title, deck: renamed(deck, names) })),
    left: left.map(inWords),
    beside: {
      ...beside,
      lessons: beside.lessons.map((lesson) => ({ ...lesson, edition: renamed(lesson.edition, names) })),
      templates: beside.templates.map((template) => ({ ...template, deck: renamed(template.deck, names) })),
    },
  };
}

async function stored({ kind, id, bytes }: BackupContent): Promise<string | null> {
  const file = new File([bytes.slice()], id);
  if (kind === 'picture') return (await storePicture(file))?.id ?? null;
  return (await storeFile(file, id)).id;
}

/** A deck in which contents have other names: those are SHA-256, which stand for nothing else anywhere. */
export function renamed(deck: Deck, names: ReadonlyMap<string, string>): Deck {
  if (names.size === 0) return deck;
  const written = JSON.stringify(deck).replaceAll(/[0-9a-f]{64}/g, (name) => names.get(name) ?? name);
  return readDeck(JSON.parse(written)).deck;
}

function inWords(left: LeftOfBackup): string {
  const says = messages.library.import;
  return left.what === 'deck'
    ? says.leftOfBackup({ what: 'deck', name: left.name })
    : says.leftOfBackup({ what: left.kind, name: '' });
}
