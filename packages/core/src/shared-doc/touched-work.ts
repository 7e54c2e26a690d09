/** Reading some entries of a work rather than all of it. */
import type * as Y from 'yjs';
import { type Work, readWork, type WorkPart, workParts } from '../work/index.js';
import { plainFields, plainUnder } from './plain-fields.js';

/**
 * The work that a document holds, as far as it lies under some names: what is there of those, and the walk if it is
 * asked for. @param names by the root they are under
 */
export function readTouchedWork(doc: Y.Doc, names: ReadonlyMap<string, Iterable<string | null>>): Work {
  const fields: Record<string, unknown> = names.has('walk') ? plainFields(doc.getMap('walk')) : {};
  for (const part of workParts) fields[part] = touchedIn(doc, part, names.get(part) ?? []);
  return readWork(fields);
}

function touchedIn(doc: Y.Doc, part: WorkPart, names: Iterable<string | null>): Record<string, unknown> {
  const map = doc.getMap(part);
  const entries = [...names].flatMap((name): [string, unknown][] =>
    name !== null && map.has(name) ? [[name, plainUnder(map, name)]] : [],
  );
  return Object.fromEntries(entries);
}
