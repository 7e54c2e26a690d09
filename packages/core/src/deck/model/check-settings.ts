/** What the deck check is to go by in a deck: its room, its class, its time, and what its authors set aside. */
import { type Fields, isFields, readFields, readNumber, readString } from './reading.js';

/** Something that is not to be told again, with why. */
export interface SetAside {
  /** The name of the rule. */
  readonly rule: string;
  /** Where: a slide, or an item of it; `null` for the whole deck. */
  readonly slideId: string | null;
  readonly itemId: string | null;
  readonly reason: string;
}

/** What the deck check is to go by. */
export interface CheckSettings {
  /** How wide the picture is on the wall, and how far off the last row sits, in metres. */
  readonly screenWidth: number;
  readonly distance: number;
  /** Minutes there are for the deck; `null` where nobody said. */
  readonly minutes: number | null;
  /** The years at school that instructions may ask of their readers; `null` where nobody said. */
  readonly schoolYears: number | null;
  readonly aside: readonly SetAside[];
}

/** A classroom as most are: a picture of 2.4 m, the last row 6 m off. */
export const USUAL_CHECK: CheckSettings = {
  screenWidth: 2.4,
  distance: 6,
  minutes: null,
  schoolYears: null,
  aside: [],
};

/** The most that can be set aside in a deck. */
const MOST_ASIDE = 500;

/** Settings of the check from untrusted JSON. */
export function readCheckSettings(value: unknown): CheckSettings {
  const fields = readFields(value) ?? {};
  const said = (name: string, least: number, most: number) =>
    typeof fields[name] === 'number' ? readNumber(fields[name], least, least, most) : null;
  return {
    screenWidth: readNumber(fields['screenWidth'], USUAL_CHECK.screenWidth, 0.3, 20),
    distance: readNumber(fields['distance'], USUAL_CHECK.distance, 0.3, 60),
    minutes: said('minutes', 1, 600),
    schoolYears: said('schoolYears', 1, 13),
    aside: Array.isArray(fields['aside'])
      ? fields['aside'].slice(0, MOST_ASIDE).filter(isFields).map(readSetAside)
      : [],
  };
}

function readSetAside(fields: Fields): SetAside {
  const id = (name: string) => (typeof fields[name] === 'string' ? readString(fields[name], '', 100) : null);
  return {
    rule: readString(fields['rule'], '', 60),
    slideId: id('slideId'),
    itemId: id('itemId'),
    reason: readString(fields['reason'], '', 300),
  };
}
