/** What can lie on a slide's ground beside its colour: a run into another colour, or a picture. */
import { readColour } from './colour.js';
import { readBoolean, readFields, readNumber, readOneOf } from '../model/reading.js';

/** A run from the ground colour into another one. */
export interface Wash {
  readonly to: string;
  /** Where it runs to: 0 upwards, 90 to the right; degrees, clockwise. */
  readonly angle: number;
}

/** How a picture lies on the ground: whole, filling it, or again and again. */
export const groundLays = ['fit', 'fill', 'tile'] as const;

/** How a picture lies on the ground. */
export type GroundLay = (typeof groundLays)[number];

/** A picture on the ground, by the SHA-256 of its stored bytes. */
export interface GroundPicture {
  readonly picture: string;
  /** Whether it is a moving picture: on the ground it stands still. */
  readonly moving: boolean;
  readonly lay: GroundLay;
  /** 0 (as it is) to 1 (gone): how far it is faded, so that words on it can be read. */
  readonly faded: number;
}

/** A run of colour from untrusted JSON; `null` when there is none. */
export function readWash(value: unknown): Wash | null {
  const fields = readFields(value);
  return fields && { to: readColour(fields['to'], 'soft'), angle: readNumber(fields['angle'], 180, 0, 360) };
}

/** A picture on the ground from untrusted JSON; `null` when there is none. */
export function readGroundPicture(value: unknown): GroundPicture | null {
  const fields = readFields(value);
  const picture = fields?.['picture'];
  if (!fields || typeof picture !== 'string' || !/^[0-9a-f]{64}$/.test(picture)) return null;
  const moving = readBoolean(fields['moving'], false);
  return {
    picture,
    moving,
    lay: readOneOf(fields['lay'], groundLays, 'fill'),
    faded: readNumber(fields['faded'], 0, 0, 1),
  };
}
