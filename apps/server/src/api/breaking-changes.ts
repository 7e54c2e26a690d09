/**
 * What a script that was written for one document of the API would trip over with another: routes that are gone, things that are wanted and were
 * not, answers that lack what they had, and values that are not what they were.
 */
import { readFields } from '@gobrel/core/deck';
import type { ApiDocument, Json } from './document.js';

/** Each in a sentence; none when every script goes on working. Linear in the documents. */
export function breakingChanges(before: ApiDocument, after: ApiDocument): readonly string[] {
  const found: string[] = [];
  for (const [path, methods] of Object.entries(before.paths))
    for (const [method, was] of Object.entries(methods)) {
      const at = `${method.toUpperCase()} ${path}`;
      const is = after.paths[path]?.[method];
      if (!is) found.push(`${at} is gone`);
      else found.push(...inOperation(at, { before, after }, was, is));
    }
  return found;
}

interface Documents {
  readonly before: ApiDocument;
  readonly after: ApiDocument;
}

function inOperation(at: string, documents: Documents, was: Json, is: Json): readonly string[] {
  const found: string[] = [];
  if (was['x-scope'] !== is['x-scope']) found.push(`${at} wants another scope`);
  const [takes, took] = [bodyOf(is), bodyOf(was)];
  if (takes && !took) found.push(`${at} wants a body`);
  if (takes && took) found.push(...inSchema(`${at}, what it takes`, documents, took, takes, 'taken'));
  for (const [status, answer] of Object.entries(readFields(was['responses']) ?? {})) {
    if (!status.startsWith('2')) continue;
    const now = readFields(is['responses'])?.[status];
    const [gave, gives] = [schemaOf(answer), schemaOf(now)];
    if (now === undefined) found.push(`${at} does not answer with ${status} any more`);
    else if (gave && !gives) found.push(`${at} answers with nothing`);
    else if (gave && gives) found.push(...inSchema(`${at}, its answer`, documents, gave, gives, 'given'));
  }
  return found;
}

/** @param way whether a script sends it or gets it */
function inSchema(at: string, documents: Documents, was: Json, is: Json, way: 'taken' | 'given'): readonly string[] {
  const [old, now] = [resolved(documents.before, was), resolved(documents.after, is)];
  const found: string[] = [];
  if (JSON.stringify(old['type']) !== JSON.stringify(now['type'])) return [`${at}: its kind is another`];
  if (old['format'] !== now['format']) found.push(`${at}: its format is another`);
  found.push(...inValues(at, old, now, way));
  found.push(...inLimits(at, old, now, way));
  const [had, has] = [readFields(old['properties']) ?? {}, readFields(now['properties']) ?? {}];
  const [wanted, wants] = [namesIn(old['required']), namesIn(now['required'])];
  for (const [name, part] of Object.entries(had)) {
    const [before, after] = [readFields(part), readFields(has[name])];
    if (!after) found.push(`${at}: ${name} is gone`);
    else if (before) found.push(...inSchema(`${at}: ${name}`, documents, before, after, way));
    if (after && way === 'given' && wanted.has(name) && !wants.has(name)) found.push(`${at}: ${name} may be missing`);
  }
  if (way === 'taken') for (const name of wants) if (!wanted.has(name)) found.push(`${at}: ${name} is wanted`);
  const [each, now_each] = [readFields(old['items']), readFields(now['items'])];
  if (each && now_each) found.push(...inSchema(`${at}, each`, documents, each, now_each, way));
  return found;
}

function inValues(at: string, old: Json, now: Json, way: 'taken' | 'given'): readonly string[] {
  const [were, are] = [namesIn(old['enum']), namesIn(now['enum'])];
  if (were.size === 0 && are.size === 0) return [];
  // What a script may send must go on being taken; what it gets must be one of what it knows.
  const lost =
    way === 'taken' ? [...were].filter((value) => !are.has(value)) : [...are].filter((value) => !were.has(value));
  if (way === 'taken' && were.size === 0) return [`${at}: only some values are taken`];
  return lost.map((value) => (way === 'taken' ? `${at}: ${value} is not taken any more` : `${at}: ${value} is new`));
}

/** Limits of what is taken that are narrower than they were. */
function inLimits(at: string, old: Json, now: Json, way: 'taken' | 'given'): readonly string[] {
  if (way === 'given') return [];
  const limits = [
    ...(['maxLength', 'maxItems', 'maximum'] as const).map((name) => ({
      name,
      narrower: (a: number, b: number) => b < a,
      none: Infinity,
    })),
    ...(['minLength', 'minItems', 'minimum'] as const).map((name) => ({
      name,
      narrower: (a: number, b: number) => b > a,
      none: -Infinity,
    })),
  ];
  return limits.flatMap(({ name, narrower, none }) =>
    narrower(numberIn(old[name], none), numberIn(now[name], none)) ? [`${at}: ${name} is narrower`] : [],
  );
}

function numberIn(value: unknown, otherwise: number): number {
  return typeof value === 'number' ? value : otherwise;
}

function namesIn(value: unknown): ReadonlySet<string> {
  return new Set(Array.isArray(value) ? value.map(String) : []);
}

function bodyOf(operation: Json): Json | null {
  return schemaOf(operation['requestBody']);
}

function schemaOf(part: unknown): Json | null {
  const content = readFields(readFields(part)?.['content']);
  return readFields(readFields(content?.['application/json'])?.['schema']);
}

function resolved({ components }: ApiDocument, schema: Json): Json {
  const name = typeof schema['$ref'] === 'string' ? schema['$ref'].replace('#/components/schemas/', '') : null;
  return name === null ? schema : (components.schemas[name] ?? {});
}
