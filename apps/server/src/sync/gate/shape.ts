/** The shape that everything in a shared document has: maps by name, of values that lie no deeper than is ever read. */
import { isTooDeepUnder } from '@gobrel/core/shared-doc';
import * as Y from 'yjs';
import type { Touched } from './touched.js';

/** What of a change has no such shape, in words for a log. */
export function shapeMisfits(touched: Touched, doc: Y.Doc): readonly string[] {
  return [...touched].flatMap(([root, names]) =>
    [...names].flatMap((name) => {
      if (name === null) return [`${root} is no list`];
      if (isTooDeepUnder(doc.getMap(root), name)) return [`${root} ${name} lies too deep`];
      return [];
    }),
  );
}

/** Whether a value is JSON, and no shared type, bytes, or document within the document. */
export function isPlain(value: unknown): boolean {
  if (value === null || typeof value === 'string' || typeof value === 'boolean') return true;
  if (typeof value === 'number') return Number.isFinite(value);
  if (Array.isArray(value)) return value.every(isPlain);
  if (typeof value !== 'object' || value instanceof Y.AbstractType || value instanceof Y.Doc) return false;
  return !(value instanceof Uint8Array) && Object.values(value).every(isPlain);
}
