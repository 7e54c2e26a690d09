/** Work: what a student does in a lesson, kept apart from the deck and addressed by item id. */
import {
  type Fields,
  isId,
  type ItemId,
  readFields,
  readNumber,
  readString,
  readStrings,
  type SlideId,
} from '../deck/index.js';

/** Where a piece was put: its top left corner in slide units, and the zone it rests in, if any. */
export interface PiecePlace {
  readonly x: number;
  readonly y: number;
  readonly zoneId: ItemId | null;
}

/** An answer to a question: the picked choices, or words. */
export type Answer =
  { readonly kind: 'choice'; readonly picked: readonly string[] } | { readonly kind: 'words'; readonly text: string };

/** A text that a student added in an open area; lengths in slide units. */
export interface AddedText {
  readonly areaId: ItemId;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
  readonly text: string;
}

/** Everything one participant did. */
export interface Work {
  readonly pieces: Readonly<Record<ItemId, PiecePlace>>;
  readonly blanks: Readonly<Record<ItemId, string>>;
  readonly answers: Readonly<Record<ItemId, Answer>>;
  readonly added: Readonly<Record<string, AddedText>>;
  /** The slides walked so that *back* returns along them; the last is where the student is. */
  readonly way: readonly SlideId[];
  /** The slides seen, each once, also those one has gone back from. */
  readonly seen: readonly SlideId[];
}

/** Work before anything was done. */
export const emptyWork: Work = { pieces: {}, blanks: {}, answers: {}, added: {}, way: [], seen: [] };

/** The names of the parts of work that are maps by id. */
export type WorkPart = 'pieces' | 'blanks' | 'answers' | 'added';
/** The names of the map parts, in the order they are read. */
export const workParts: readonly WorkPart[] = ['pieces', 'blanks', 'answers', 'added'];

/** What may be put under an id in each part. */
export type WorkEntry<P extends WorkPart> = Work[P][string];

/** One change to work; `null` takes an entry back. */
export type WorkChange =
  | {
      readonly [P in WorkPart]: { readonly part: P; readonly id: string; readonly value: WorkEntry<P> | null };
    }[WorkPart]
  | { readonly part: 'way'; readonly way: readonly SlideId[]; readonly seen: readonly SlideId[] };

/** Limits on what a student writes, in UTF-16 units and counts. */
export const workLimits = { blank: 200, words: 5_000, added: 2_000, addedTexts: 100, way: 500, seen: 10_000 } as const;

/** The work after some changes. */
export function applyWorkChanges(work: Work, changes: readonly WorkChange[]): Work {
  return changes.reduce<Work>((current, change) => {
    if (change.part === 'way') return { ...current, way: change.way, seen: change.seen };
    const { [change.id]: _before, ...rest } = current[change.part] as Record<string, unknown>;
    return { ...current, [change.part]: change.value === null ? rest : { ...rest, [change.id]: change.value } };
  }, work);
}

/** Work read from untrusted JSON; what cannot be read is left out. */
export function readWork(value: unknown): Work {
  const fields = readFields(value) ?? {};
  return {
    pieces: readEntries(fields['pieces'], readPiecePlace),
    blanks: readEntries(fields['blanks'], (entry) => (typeof entry === 'string' ? entry : null)),
    answers: readEntries(fields['answers'], readAnswer),
    added: readEntries(fields['added'], readAddedText),
    way: readStrings(fields['way'], 40, workLimits.way + 1).filter(isId),
    seen: readStrings(fields['seen'], 40, workLimits.seen + 1).filter(isId),
  };
}

function readEntries<T>(value: unknown, read: (entry: unknown) => T | null): Record<string, T> {
  const entries = Object.entries(readFields(value) ?? {}).flatMap(([id, entry]) => {
    const known = isId(id) ? read(entry) : null;
    return known === null ? [] : [[id, known] as const];
  });
  return Object.fromEntries(entries);
}

function readPiecePlace(value: unknown): PiecePlace | null {
  const fields = readFields(value);
  if (!isPoint(fields)) return null;
  return {
    x: readNumber(fields['x'], 0),
    y: readNumber(fields['y'], 0),
    zoneId: isId(fields['zoneId']) ? fields['zoneId'] : null,
  };
}

function readAnswer(value: unknown): Answer | null {
  const fields = readFields(value);
  if (fields?.['kind'] === 'choice') return { kind: 'choice', picked: readStrings(fields['picked'], 40, 50) };
  if (fields?.['kind'] === 'words') return { kind: 'words', text: readString(fields['text'], '', 1_000_000) };
  return null;
}

function readAddedText(value: unknown): AddedText | null {
  const fields = readFields(value);
  if (!isPoint(fields) || !isId(fields['areaId'])) return null;
  return {
    areaId: fields['areaId'],
    x: readNumber(fields['x'], 0),
    y: readNumber(fields['y'], 0),
    width: readNumber(fields['width'], 200, 1),
    height: readNumber(fields['height'], 60, 1),
    text: readString(fields['text'], '', 1_000_000),
  };
}

function isPoint(fields: Fields | null): fields is Fields {
  return typeof fields?.['x'] === 'number' && typeof fields['y'] === 'number';
}
