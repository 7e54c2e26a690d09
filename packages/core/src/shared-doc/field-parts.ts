/**
 * Fields of items that merge by part. An item's frame is held as one value for each of its numbers (`frame.x`), the choices
 * of a question as one value for each choice (`choices.a`) and one for their order (`choices.order`), so that one author
 * turns an item while another widens it, and two write two choices. Decks of version 1 hold each as one value: it is
 * read beneath its parts and never written again, so that nobody has to upgrade a deck before others may write to it.
 */
import type * as Y from 'yjs';

/** Fields by name, as an item has them and as a map holds them. */
type Fields = Readonly<Record<string, unknown>>;

/** How one field is taken apart and put together. */
interface PartedField {
  /** The parts of a value, by what follows the field's name and a dot. */
  readonly partsOf: (value: unknown) => Fields;
  /** The value of parts, laid over what was held whole; parts that are `undefined` are gone. */
  readonly join: (whole: unknown, parts: Fields) => unknown;
}

/** The part that names an order. No id is as long as to be taken for it: parts of entries begin with `:`. */
const ORDER = 'order';
const ENTRY = ':';

const record: PartedField = {
  partsOf: (value) => (isRecord(value) ? value : {}),
  join: (whole, parts) => ({ ...(isRecord(whole) ? whole : {}), ...parts }),
};

const listById: PartedField = {
  partsOf: (value) => {
    const entries = entriesById(value);
    const parts: Record<string, unknown> = { [ORDER]: [...entries.keys()] };
    for (const [id, entry] of entries) parts[ENTRY + id] = entry;
    return parts;
  },
  join: (whole, parts) => {
    const entries = entriesById(whole);
    const order = Array.isArray(parts[ORDER]) ? parts[ORDER].map(String) : [...entries.keys()];
    for (const [name, entry] of Object.entries(parts))
      if (name.startsWith(ENTRY)) entries.set(name.slice(ENTRY.length), entry);
    // What somebody added while somebody else wrote the order comes last; what the order left out of the whole is gone.
    const late = Object.keys(parts).flatMap((name) => (name.startsWith(ENTRY) ? [name.slice(ENTRY.length)] : []));
    const ids = [...new Set([...order, ...late.sort()])];
    return ids.flatMap((id) => entries.get(id) ?? []);
  },
};

const partedFields: Readonly<Record<string, PartedField>> = { frame: record, choices: listById };

/** Whether a field of an item is held in parts. */
export function isParted(name: string): boolean {
  return Object.hasOwn(partedFields, name);
}

/** The fields of an item with those that are held in parts put together. */
export function joinParts(fields: Fields): Fields {
  const joined: Record<string, unknown> = {};
  const parts: Record<string, Record<string, unknown>> = {};
  for (const [name, value] of Object.entries(fields)) {
    const dot = name.indexOf('.');
    if (dot > 0 && isParted(name.slice(0, dot))) (parts[name.slice(0, dot)] ??= {})[name.slice(dot + 1)] = value;
    else joined[name] = value;
  }
  for (const [name, held] of Object.entries(parts)) joined[name] = partedFields[name]?.join(joined[name], held);
  return joined;
}

/** The parts of a field as they are held, by their full names. */
export function partsOf(name: string, value: unknown): readonly (readonly [string, unknown])[] {
  return Object.entries(partedFields[name]?.partsOf(value) ?? {}).map(([part, held]) => [`${name}.${part}`, held]);
}

/** Writes a field that is held in parts: only those parts that are different now. `undefined` takes it away, held whole or not. */
export function writeParts(map: Y.Map<unknown>, name: string, value: unknown): void {
  const held = Object.fromEntries([...map.entries()].filter(([key]) => key === name || key.startsWith(`${name}.`)));
  if (value === undefined) {
    for (const key of Object.keys(held)) map.delete(key);
    return;
  }
  const now = new Map(partsOf(name, joinParts(held)[name]));
  const next = new Map(partsOf(name, value));
  for (const part of now.keys()) if (!next.has(part)) map.delete(part);
  for (const [part, entry] of next) if (JSON.stringify(entry) !== JSON.stringify(now.get(part))) map.set(part, entry);
}

function entriesById(value: unknown): Map<string, unknown> {
  const entries: readonly unknown[] = Array.isArray(value) ? value : [];
  return new Map(
    entries.flatMap((entry) => (isRecord(entry) && typeof entry['id'] === 'string' ? [[entry['id'], entry]] : [])),
  );
}

function isRecord(value: unknown): value is Record<string, unknown> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}
