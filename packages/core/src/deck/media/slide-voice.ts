/** A slide's voice: what is told to it, recorded in one take. */
import { MOST_BYTES } from './media-fields.js';
import { readFields, readNumber } from '../model/reading.js';

/** A take, by the SHA-256 of its stored bytes. */
export interface SlideVoice {
  readonly file: string;
  /** How long it is, in seconds, and how many bytes it has. */
  readonly seconds: number;
  readonly bytes: number;
}

/** The longest take, in seconds. */
export const LONGEST_VOICE = 1800;

/** A take from untrusted JSON; `null` when there is none. */
export function readVoice(value: unknown): SlideVoice | null {
  const fields = readFields(value);
  const file = fields?.['file'];
  if (!fields || typeof file !== 'string' || !/^[0-9a-f]{64}$/.test(file)) return null;
  return {
    file,
    seconds: readNumber(fields['seconds'], 0, 0, LONGEST_VOICE),
    bytes: readNumber(fields['bytes'], 0, 0, MOST_BYTES),
  };
}
