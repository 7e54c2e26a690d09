/** What videos and sounds have in common: their file, the part of it that is played, when, how, and what is said in it. */
import { type Credit, readCredit } from '../credits/credit.js';
import { type Fields, readBoolean, readNumber, readString } from '../model/reading.js';
import { LAST_APPEARANCE } from '../model/item-base.js';
import { type Caption, readCaptions } from './captions.js';

/** The longest that a file can play, in seconds. */
const LONGEST = 24 * 3600;

/** The most bytes that a file can say it has. */
export const MOST_BYTES = 1e12;

/** The fields that videos and sounds share. */
export interface MediaFields {
  /** The stored file, by the SHA-256 of its bytes; '' before one was chosen. */
  readonly file: string;
  /** What the file was called, and how many bytes it has; 0 where that is not known. */
  readonly fileName: string;
  readonly bytes: number;
  /** What it shows or lets hear, in words. */
  readonly alt: string;
  /** Its papers; `null` where nobody knows them. */
  readonly credit: Credit | null;
  /** How long the whole file plays, in seconds; 0 where it is not known. */
  readonly seconds: number;
  /** Where playing begins and ends, in seconds of the file; `null` for its end. */
  readonly starts: number;
  readonly ends: number | null;
  /** How loud it is: 0 (not to be heard) to 1. */
  readonly volume: number;
  /** Whether it begins again at its end. */
  readonly overAndOver: boolean;
  /** Whether it is played by controls of its own; else a press starts and stops it. */
  readonly controls: boolean;
  /** The step of its slide with which it plays by itself, 0 for when the slide is reached; `null` for when it is pressed. */
  readonly plays: number | null;
  /** What is said in it, in the order of time. */
  readonly captions: readonly Caption[];
}

/** The shared fields from untrusted JSON. */
export function readMediaFields(fields: Fields): MediaFields {
  const starts = readNumber(fields['starts'], 0, 0, LONGEST);
  const ends = typeof fields['ends'] === 'number' ? readNumber(fields['ends'], 0, 0, LONGEST) : null;
  return {
    file: /^[0-9a-f]{64}$/.test(String(fields['file'])) ? String(fields['file']) : '',
    bytes: readNumber(fields['bytes'], 0, 0, MOST_BYTES),
    fileName: readString(fields['fileName'], '', 200),
    alt: readString(fields['alt'], '', 500),
    credit: readCredit(fields['credit']),
    seconds: readNumber(fields['seconds'], 0, 0, LONGEST),
    starts,
    ends: ends !== null && ends > starts ? ends : null,
    volume: readNumber(fields['volume'], 1, 0, 1),
    overAndOver: readBoolean(fields['overAndOver'], false),
    controls: readBoolean(fields['controls'], true),
    plays: typeof fields['plays'] === 'number' ? Math.round(readNumber(fields['plays'], 0, 0, LAST_APPEARANCE)) : null,
    captions: readCaptions(fields['captions']),
  };
}

/** Whether an item is a video or a sound. */
export function isMedia<T extends object>(item: T): item is T & MediaFields {
  return 'captions' in item && 'plays' in item;
}

/** How long the part that is played takes, in seconds; 0 where it is not known. */
export function playedSeconds({ seconds, starts, ends }: Pick<MediaFields, 'seconds' | 'starts' | 'ends'>): number {
  return Math.max(0, (ends ?? seconds) - starts);
}
