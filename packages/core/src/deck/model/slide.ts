/** A slide's own fields; its items are kept beside it in the deck. */
import type { SlideId } from './identifiers.js';
import { readColour } from '../appearance/colour.js';
import { type GroundPicture, readGroundPicture, readWash, type Wash } from '../appearance/slide-ground.js';
import { readVoice, type SlideVoice } from '../media/slide-voice.js';
import { readSlidePlaying, type SlidePlaying } from './playing.js';
import { type Fields, readBoolean, readFields, readNumber, readOneOf, readString } from './reading.js';

/** How a slide may be left: `open` lets next and back work, `links-only` leaves it to its links. */
export type Exits = 'open' | 'links-only';

/** The names of the layouts. */
export const layoutNames = [
  'title',
  'section',
  'title-and-text',
  'two-columns',
  'picture',
  'question',
  'worksheet',
  'story',
  'class-page',
  'blank',
] as const;

/** The name of a layout. */
export type LayoutName = (typeof layoutNames)[number];

/** A slide. */
export interface Slide extends SlidePlaying {
  readonly id: SlideId;
  readonly name: string;
  /** Place in the running order: a fractional rank. */
  readonly rank: string;
  /** Ground colour. */
  readonly background: string;
  /** Left out of the show's running order; links still lead here. */
  readonly leftOut: boolean;
  readonly exits: Exits;
  /** Meant as an ending: nobody has to be able to go on from here. */
  readonly ending: boolean;
  /** Whether its number in the running order is shown on it. */
  readonly numbered: boolean;
  /** What its ground colour runs into; `null` for one colour all over. */
  readonly wash: Wash | null;
  /** The picture on its ground, over the colour. */
  readonly groundPicture: GroundPicture | null;
  /** Where it was put on the map by hand, in units of the map; `null` where the map places it. */
  readonly onMap: { readonly x: number; readonly y: number } | null;
  /** The layout its parts were last placed by. */
  readonly layout: LayoutName;
  /** What is told to it; `null` for nothing. */
  readonly voice: SlideVoice | null;
  /** Speaker notes; never given to students. */
  readonly notes: string;
}

/** The ground colour of a new slide. */
export const PAPER = 'ground';

/** A slide's fields from untrusted JSON. */
export function readSlide(id: SlideId, fields: Fields): Slide {
  return {
    id,
    name: readString(fields['name'], '', 120),
    rank: readString(fields['rank'], '', 200),
    background: readColour(fields['background'], PAPER),
    leftOut: readBoolean(fields['leftOut'], false),
    numbered: readBoolean(fields['numbered'], false),
    wash: readWash(fields['wash']),
    groundPicture: readGroundPicture(fields['groundPicture']),
    onMap: readPlace(fields['onMap']),
    layout: readOneOf(fields['layout'], layoutNames, 'blank'),
    ending: readBoolean(fields['ending'], false),
    exits: readOneOf(fields['exits'], ['open', 'links-only'], 'open'),
    voice: readVoice(fields['voice']),
    notes: readString(fields['notes'], '', 20_000),
    ...readSlidePlaying(fields),
  };
}

function readPlace(value: unknown): Slide['onMap'] {
  const fields = readFields(value);
  return fields && { x: readNumber(fields['x'], 0), y: readNumber(fields['y'], 0) };
}
