/**
 * How entries of a work are written. What is typed is a shared text, so that two hands in one answer keep every letter, and a
 * letter costs a letter; what was added is a map of its fields, so that moving something does not send its picture again.
 * Entries that were written whole, as all were once, are read like any other, and become shared when they are written to.
 */
import * as Y from 'yjs';
import { entryOf, type Work, type WorkChange, type WorkPart } from '../work/index.js';
import { spliceAfter, spliceBetween } from './splice.js';

type EntryChange = Exclude<WorkChange, { readonly part: 'walk' }>;

/** The origin of what makes room for a text, which is nobody's to take back. */
export const MAKING_ROOM = 'making room';

/** The text in an entry that is typed; `null` in others, and where one of several was chosen. */
function typedIn(change: EntryChange): string | null {
  if (change.value === null) return null;
  if (change.part === 'blanks') return change.chosen ? null : change.value;
  if (change.part === 'answers') return change.value.kind === 'words' ? change.value.text : null;
  return null;
}

/** The text of an entry as somebody saw it. */
function seenIn(work: Work, { part, id }: EntryChange): string | null {
  const entry = entryOf(work, part, id);
  if (typeof entry === 'string') return entry;
  return typeof entry === 'object' && 'text' in entry ? entry.text : null;
}

/**
 * Makes room for texts that nobody has written to yet, in the very same way on every device: two hands that begin at once
 * begin in one text.
 */
export function makeRoom(doc: Y.Doc, changes: readonly WorkChange[]): void {
  for (const change of changes) {
    if (change.part === 'walk' || typedIn(change) === null || doc.getMap(change.part).has(change.id)) continue;
    Y.applyUpdate(doc, roomFor(change.part, change.id), MAKING_ROOM);
  }
}

/** The update that makes room for a text. Its client id follows from the text's name, so every device makes the very same one. */
function roomFor(part: WorkPart, id: string): Uint8Array {
  const room = new Y.Doc({ guid: 'room' });
  room.clientID = clientOf(`${part} ${id}`);
  room.getMap(part).set(id, part === 'blanks' ? new Y.Text() : wordsMap());
  const update = Y.encodeStateAsUpdate(room);
  room.destroy();
  return update;
}

function wordsMap(text = ''): Y.Map<unknown> {
  return new Y.Map<unknown>([
    ['kind', 'words'],
    ['text', new Y.Text(text)],
  ]);
}

/** Writes an entry. @param seen the work as whoever writes saw it; what others did since stays */
export function writeEntry(doc: Y.Doc, change: EntryChange, seen: Work | null): void {
  const map = doc.getMap(change.part);
  const { id, value } = change;
  if (value === null) return map.delete(id);
  const typed = typedIn(change);
  if (typed !== null) return writeTyped(map, change, typed, seen);
  if (change.part === 'added' && change.value !== null) return writeAdded(map, change, change.value, seen);
  map.set(id, value);
}

function writeTyped(map: Y.Map<unknown>, change: EntryChange, typed: string, seen: Work | null): void {
  const entry = map.get(change.id);
  const text = entry instanceof Y.Map ? entry.get('text') : entry;
  if (text instanceof Y.Text) return writeText(text, typed, seen && seenIn(seen, change));
  map.set(change.id, change.part === 'blanks' ? new Y.Text(typed) : wordsMap(typed));
}

function writeAdded(map: Y.Map<unknown>, change: EntryChange, added: object, seen: Work | null): void {
  const entry = map.get(change.id);
  if (!(entry instanceof Y.Map)) {
    const fields = Object.entries(added).map(([name, value]): [string, unknown] => [
      name,
      name === 'text' ? new Y.Text(String(value)) : value,
    ]);
    return void map.set(change.id, new Y.Map(fields));
  }
  for (const [name, value] of Object.entries(added)) {
    const known: unknown = entry.get(name);
    if (known instanceof Y.Text) writeText(known, String(value), seen && seenIn(seen, change));
    else if (known !== value && JSON.stringify(known) !== JSON.stringify(value)) entry.set(name, value);
  }
}

/** Makes in a text what changed between what was seen of it and what is there to be. */
function writeText(text: Y.Text, next: string, seen: string | null): void {
  const now = text.toString();
  const mine = spliceBetween(seen ?? now, next);
  const splices = seen === null || seen === now ? [mine] : spliceAfter(mine, spliceBetween(seen, now));
  for (const { at, out, put } of splices) {
    if (out > 0) text.delete(at, out);
    if (put !== '') text.insert(at, put);
  }
}

/** A number of 48 bits for a text (FNV-1a, twice): far from the 32 bits that devices draw for themselves. */
function clientOf(name: string): number {
  const half = (seed: number) => {
    let hash = seed;
    for (let at = 0; at < name.length; at += 1) hash = Math.imul(hash ^ name.charCodeAt(at), 0x01000193) >>> 0;
    return hash >>> 8;
  };
  return (half(0x811c9dc5) + 1) * 2 ** 24 + half(0x2b2e12d7);
}
