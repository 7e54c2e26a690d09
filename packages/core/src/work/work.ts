/** Work: what a student does in a lesson, kept apart from the deck and addressed by item id. */
import {
  type Fields,
  isId,
  type ItemId,
  readFields,
  MOST_DOTS,
  readNumber,
  readOneOf,
  readSignStrokes,
  readString,
  readStrings,
  type SlideId,
  storableText,
} from '../deck/index.js';

/**
 * The version of the work's shape in shared documents. Since 2, what is typed is a shared text and what was added is a map;
 * work of version 1 holds each as one value, which is read alike. As JSON both versions look alike.
 */
export const WORK_VERSION = 2;

/** Where a piece was put. */
export interface PiecePlace {
  /** The left edge of its unturned box, in slide units. */
  readonly x: number;
  /** The top edge of its unturned box, in slide units. */
  readonly y: number;
  /** The zone it rests in, if any. */
  readonly zoneId: ItemId | null;
  /** How far it was turned, in degrees clockwise; not at all when it is not there. */
  readonly turn?: number;
  /** The higher, the later it was lifted: it lies in front of those lifted before. */
  readonly lift?: number;
}

/** A place on a picture, in shares of its width and height. */
export interface Dot {
  readonly x: number;
  readonly y: number;
}

/** An answer to a question: picked choices, words, dots on a picture, or something spoken. */
export type Answer =
  | { readonly kind: 'choice'; readonly picked: readonly string[] }
  | { readonly kind: 'words'; readonly text: string }
  | { readonly kind: 'dots'; readonly dots: readonly Dot[] }
  | Recording;

/** Something spoken. It is part of the work, so that it is kept offline and goes wherever the work goes. */
export interface Recording {
  readonly kind: 'sound';
  /** The bytes in base64, as the browser's recorder made them. */
  readonly bytes: string;
  /** One of the types that recorders make. */
  readonly type: SoundType;
  /** How long it is, in seconds. */
  readonly seconds: number;
}

/** Types of sound that recorders make. */
export const soundTypes = ['audio/webm', 'audio/ogg', 'audio/mp4'] as const;

/** A type of sound. */
type SoundType = (typeof soundTypes)[number];

/** What a stroke is drawn with. */
const inkTools = ['pen', 'highlighter'] as const;

/** What a stroke is drawn with. */
export type InkTool = (typeof inkTools)[number];

/** A stroke drawn into a question. */
export interface Stroke {
  readonly itemId: ItemId;
  readonly tool: InkTool;
  /** A colour as `#rrggbb`. */
  readonly color: string;
  /** In the units of the points. */
  readonly width: number;
  /** x and y in turn, in whole units of which what is drawn on is `GROUND_WIDTH` wide. */
  readonly points: readonly number[];
}

/** How sure somebody is of an answer: 1 a guess to 4 certain. */
export type Sure = 1 | 2 | 3 | 4;

/** Where something that a student added lies in its open area; lengths in slide units. */
interface AddedPlace {
  readonly areaId: ItemId;
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** A text that a student added in an open area. */
export interface AddedText extends AddedPlace {
  readonly kind: 'text';
  readonly text: string;
  /** Height of its letters, in slide units. */
  readonly size: number;
}

/** A picture that a student added. Its bytes are part of the work, so that it is kept offline and goes wherever that goes. */
export interface AddedPicture extends AddedPlace {
  readonly kind: 'picture';
  /** In base64. */
  readonly bytes: string;
  readonly type: PictureType;
  /** Width and height in its own pixels. */
  readonly pixels: { readonly width: number; readonly height: number };
  /** What it shows, for those who cannot see it. */
  readonly alt: string;
  /** Who made it and under which licence, where it comes from somewhere; shown beneath it. */
  readonly credit: string;
}

/** A sticker of the shipped collection that a student added. */
export interface AddedSticker extends AddedPlace {
  readonly kind: 'sticker';
  readonly sticker: string;
  readonly alt: string;
}

/** A sign of the shipped collection that a student added: its lines, as path data within 24 by 24. */
export interface AddedSign extends AddedPlace {
  readonly kind: 'sign';
  readonly strokes: readonly string[];
  readonly alt: string;
}

/** Something that a student added in an open area. */
export type Added = AddedText | AddedPicture | AddedSticker | AddedSign;

/** Types of pictures that students add. */
const pictureTypes = ['image/jpeg', 'image/png', 'image/webp'] as const;

/** A type of picture that students add. */
type PictureType = (typeof pictureTypes)[number];

/** Height of the letters of an added text at first, the least, the most, and the least that the back row can read. */
export const addedLetters = { usual: 24, least: 14, most: 72, readable: 20 } as const;

/** Everything one participant did. */
export interface Work {
  readonly pieces: Readonly<Record<ItemId, PiecePlace>>;
  readonly blanks: Readonly<Record<ItemId, string>>;
  readonly answers: Readonly<Record<ItemId, Answer>>;
  readonly added: Readonly<Record<string, Added>>;
  readonly drawn: Readonly<Record<string, Stroke>>;
  readonly sure: Readonly<Record<ItemId, Sure>>;
  /** The slides walked so that *back* returns along them; the last is where the student is. */
  readonly walk: readonly SlideId[];
  /** The slides seen, each once, also those one has gone back from. */
  readonly seen: readonly SlideId[];
}

/** Work before anything was done. */
export const emptyWork: Work = {
  pieces: {},
  blanks: {},
  answers: {},
  added: {},
  drawn: {},
  sure: {},
  walk: [],
  seen: [],
};

/** The names of the parts of work that are maps by id. */
export type WorkPart = 'pieces' | 'blanks' | 'answers' | 'added' | 'drawn' | 'sure';
/** The names of the map parts, in the order they are read. */
export const workParts: readonly WorkPart[] = ['pieces', 'blanks', 'answers', 'added', 'drawn', 'sure'];

/** What may be put under an id in each part. */
type WorkEntry<P extends WorkPart> = Work[P][string];

/** What may be put under an id in any part. */
export type AnyWorkEntry = { readonly [P in WorkPart]: WorkEntry<P> }[WorkPart];

/** What is under an id in a part of a work; `undefined` for nothing. */
export function entryOf(work: Work, part: WorkPart, id: string): AnyWorkEntry | undefined {
  const entries: Readonly<Record<string, AnyWorkEntry>> = work[part];
  return entries[id];
}

/** One change to work; `null` takes an entry back. */
export type WorkChange =
  | {
      readonly [P in WorkPart]: {
        readonly part: P;
        readonly id: string;
        readonly value: WorkEntry<P> | null;
        /** Whether it was chosen from a list rather than typed: a choice is one thing, and not made of letters. */
        readonly chosen?: boolean;
      };
    }[WorkPart]
  | { readonly part: 'walk'; readonly walk: readonly SlideId[]; readonly seen: readonly SlideId[] };

/** Limits on what a student does: letters in UTF-16 units, counts, bytes. */
export const workLimits = {
  blank: 200,
  words: 5_000,
  /** Letters of a long text. */
  longText: 20_000,
  added: 2_000,
  addedThings: 100,
  /** Of one added picture in base64, and of all. */
  picture: 200_000,
  allPictures: 500_000,
  walk: 500,
  seen: 10_000,
  strokes: 1_500,
  /** Numbers in one stroke and in all, two for a point. */
  strokePoints: 4_000,
  allPoints: 60_000,
  /** Of one recording in base64, and of all. */
  recording: 260_000,
  allRecordings: 600_000,
} as const;

/** The work after some changes. */
export function applyWorkChanges(work: Work, changes: readonly WorkChange[]): Work {
  return changes.reduce<Work>((current, change) => {
    if (change.part === 'walk') return { ...current, walk: change.walk, seen: change.seen };
    const { [change.id]: _before, ...rest } = current[change.part] as Record<string, unknown>;
    return { ...current, [change.part]: change.value === null ? rest : { ...rest, [change.id]: change.value } };
  }, work);
}

/** Work read from untrusted JSON; what cannot be read is left out. */
export function readWork(value: unknown): Work {
  const fields = readFields(value) ?? {};
  return {
    pieces: readEntries(fields['pieces'], readPiecePlace),
    blanks: readEntries(fields['blanks'], (entry) => (typeof entry === 'string' ? storableText(entry) : null)),
    answers: readEntries(fields['answers'], readAnswer),
    added: readEntries(fields['added'], readAdded),
    drawn: readEntries(fields['drawn'], readStroke),
    sure: readEntries(fields['sure'], readSure),
    walk: readStrings(fields['walk'] ?? fields['way'], 40, workLimits.walk + 1).filter(isId),
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
    ...(typeof fields['turn'] === 'number' ? { turn: readNumber(fields['turn'], 0, -360, 360) } : {}),
    ...(typeof fields['lift'] === 'number' ? { lift: Math.round(readNumber(fields['lift'], 0, 0, 1e6)) } : {}),
  };
}

function readAnswer(value: unknown): Answer | null {
  const fields = readFields(value);
  if (fields?.['kind'] === 'choice') return { kind: 'choice', picked: readStrings(fields['picked'], 40, 50) };
  if (fields?.['kind'] === 'words') return { kind: 'words', text: readString(fields['text'], '', 1_000_000) };
  if (fields?.['kind'] === 'dots')
    return {
      kind: 'dots',
      dots: (Array.isArray(fields['dots']) ? fields['dots'] : []).slice(0, MOST_DOTS + 1).flatMap((entry) => {
        const dot = readFields(entry);
        return isPoint(dot) ? [{ x: readNumber(dot['x'], 0, 0, 1), y: readNumber(dot['y'], 0, 0, 1) }] : [];
      }),
    };
  return readRecording(value);
}

/** A recording read from untrusted JSON; `null` when it is none. */
export function readRecording(value: unknown): Recording | null {
  const fields = readFields(value);
  if (fields?.['kind'] !== 'sound') return null;
  return {
    kind: 'sound',
    bytes: readString(fields['bytes'], '', workLimits.recording + 1),
    type: readOneOf(fields['type'], soundTypes, 'audio/webm'),
    seconds: readNumber(fields['seconds'], 0, 0, 600),
  };
}

function readStroke(value: unknown): Stroke | null {
  const fields = readFields(value);
  const { color, points } = fields ?? {};
  if (!isId(fields?.['itemId']) || !Array.isArray(points)) return null;
  return {
    itemId: fields['itemId'],
    tool: readOneOf(fields['tool'], inkTools, 'pen'),
    color: typeof color === 'string' && /^#[0-9a-f]{6}$/.test(color) ? color : '#1d2b2a',
    width: readNumber(fields['width'], 4, 1, 60),
    points: points
      .slice(0, workLimits.strokePoints + 2)
      .map((each) => Math.round(readNumber(each, 0, -20_000, 20_000))),
  };
}

function readSure(value: unknown): Sure | null {
  return value === 1 || value === 2 || value === 3 || value === 4 ? value : null;
}

function readAdded(value: unknown): Added | null {
  const fields = readFields(value);
  if (!isPoint(fields) || !isId(fields['areaId'])) return null;
  const place = {
    areaId: fields['areaId'],
    x: readNumber(fields['x'], 0),
    y: readNumber(fields['y'], 0),
    width: readNumber(fields['width'], 200, 1),
    height: readNumber(fields['height'], 60, 1),
  };
  const alt = readString(fields['alt'], '', 200);
  if (fields['kind'] === 'picture') {
    const pixels = readFields(fields['pixels']);
    return {
      kind: 'picture',
      ...place,
      bytes: readString(fields['bytes'], '', workLimits.picture + 1),
      type: readOneOf(fields['type'], pictureTypes, 'image/jpeg'),
      pixels: { width: readNumber(pixels?.['width'], 1, 1), height: readNumber(pixels?.['height'], 1, 1) },
      alt,
      credit: readString(fields['credit'], '', 160),
    };
  }
  if (fields['kind'] === 'sticker')
    return { kind: 'sticker', ...place, sticker: readString(fields['sticker'], '', 80), alt };
  if (fields['kind'] === 'sign') return { kind: 'sign', ...place, strokes: readSignStrokes(fields['strokes']), alt };
  // Texts were the only things that were added once, and were kept without a kind.
  const size = readNumber(fields['size'], addedLetters.usual, addedLetters.least, addedLetters.most);
  return { kind: 'text', ...place, text: readString(fields['text'], '', 1_000_000), size };
}

function isPoint(fields: Fields | null): fields is Fields {
  return typeof fields?.['x'] === 'number' && typeof fields['y'] === 'number';
}
