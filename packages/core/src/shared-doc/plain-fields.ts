/** Shared types as plain values, to a depth that holds whatever was put there: nothing of ours lies deeper. */
import * as Y from 'yjs';
import type { Fields } from '../deck/index.js';

/** How many levels of maps and lists are read beneath a map, and may be written there. */
const DEEPEST_FIELDS = 24;

/** The fields of a map as plain values. What lies too deep, and texts with marks, are left out. */
export function plainFields(map: Y.Map<unknown>): Fields {
  return entriesOf(map, DEEPEST_FIELDS);
}

/** What is under a name of a map as a plain value; `undefined` when nothing can be read there. */
export function plainUnder(map: Y.Map<unknown>, name: string): unknown {
  return plainOf(map.get(name), DEEPEST_FIELDS - 1);
}

/** Whether what is under a name of a map, shared or plain, lies deeper than is ever read. */
export function isTooDeepUnder(map: Y.Map<unknown>, name: string): boolean {
  return reachesBelow(map.get(name), DEEPEST_FIELDS - 1);
}

function entriesOf(map: Y.Map<unknown>, levels: number): Fields {
  const fields: Record<string, unknown> = {};
  map.forEach((value, name) => {
    const plain = plainOf(value, levels - 1);
    if (plain !== undefined && name !== '__proto__') fields[name] = plain;
  });
  return fields;
}

function plainOf(value: unknown, levels: number): unknown {
  if (!(value instanceof Y.AbstractType)) return value;
  if (levels <= 0) return undefined;
  if (value instanceof Y.Map) return entriesOf(value, levels);
  if (value instanceof Y.Array) return value.toArray().map((entry: unknown) => plainOf(entry, levels - 1));
  return value instanceof Y.Text ? value.toString() : undefined;
}

function reachesBelow(value: unknown, levels: number): boolean {
  if (typeof value !== 'object' || value === null || value instanceof Uint8Array) return false;
  if (levels <= 0) return true;
  return childrenOf(value).some((child) => reachesBelow(child, levels - 1));
}

function childrenOf(value: object): readonly unknown[] {
  if (value instanceof Y.Map) return [...value.values()];
  if (value instanceof Y.Array || value instanceof Y.XmlFragment) return value.toArray();
  return value instanceof Y.AbstractType ? [] : Object.values(value);
}
