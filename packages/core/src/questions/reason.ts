/** Why a mark is as it is, as a code that the interface puts into words, with what the words are filled with. */
import { namesIn, readFields, readString } from '../deck/index.js';

/** The reasons that say all by themselves. */
const plainReasons = [
  'all-choices',
  'as-accepted',
  'not-marked',
  'not-the-place',
  'nothing-given',
  'nothing-picked',
  'nothing-placed',
  'nothing-pointed',
  'nothing-written',
  'one-end',
  'right-choice',
  'right-number',
  'right-on-scale',
  'right-place',
] as const;

/** The reasons that are filled with values: texts as they are written, and counts. */
interface FilledReasons {
  /** What a teacher says of it; may be ''. */
  readonly said: { readonly text: string };
  /** The answer that is accepted, and how it was taken. */
  readonly accepted: { readonly accepted: string };
  readonly 'taken-for': { readonly accepted: string };
  /** What is right, as letters, as the texts of choices, or as a number with its unit. */
  readonly key: { readonly key: string };
  readonly 'no-number': { readonly key: string };
  readonly 'no-fraction': { readonly key: string };
  readonly 'no-such-unit': { readonly unit: string; readonly key: string };
  readonly 'unit-missing': { readonly key: string };
  /** How far off on the scale, with its unit. */
  readonly 'off-scale': { readonly off: string; readonly key: string };
  readonly choices: { readonly right: number; readonly of: number; readonly wrong: number };
  readonly places: { readonly found: number; readonly of: number; readonly elsewhere: number };
  readonly ends: { readonly right: number; readonly of: number };
  readonly 'any-piece': { readonly right: number; readonly wrong: number };
  readonly pieces: { readonly right: number; readonly of: number; readonly wrong: number };
  readonly 'pieces-in-order': { readonly right: number; readonly of: number; readonly wrong: number };
}

/** Why a mark is as it is. */
export type Reason =
  | { readonly code: (typeof plainReasons)[number] }
  | { readonly [C in keyof FilledReasons]: { readonly code: C } & FilledReasons[C] }[keyof FilledReasons];

/** The values of each reason that has some, for whoever reads one. */
const valuesOf: { readonly [C in keyof FilledReasons]: Readonly<Record<keyof FilledReasons[C], 'text' | 'count'>> } = {
  said: { text: 'text' },
  accepted: { accepted: 'text' },
  'taken-for': { accepted: 'text' },
  key: { key: 'text' },
  'no-number': { key: 'text' },
  'no-fraction': { key: 'text' },
  'no-such-unit': { unit: 'text', key: 'text' },
  'unit-missing': { key: 'text' },
  'off-scale': { off: 'text', key: 'text' },
  choices: { right: 'count', of: 'count', wrong: 'count' },
  places: { found: 'count', of: 'count', elsewhere: 'count' },
  ends: { right: 'count', of: 'count' },
  'any-piece': { right: 'count', wrong: 'count' },
  pieces: { right: 'count', of: 'count', wrong: 'count' },
  'pieces-in-order': { right: 'count', of: 'count', wrong: 'count' },
};

/** A reason read from stored or sent JSON; a text, as reasons once were, is what somebody says; `null` for none. */
export function readReason(value: unknown): Reason | null {
  if (typeof value === 'string') return value === '' ? null : { code: 'said', text: readString(value, '') };
  const fields = readFields(value);
  const code = fields?.['code'];
  const plain = plainReasons.find((each) => each === code);
  if (plain) return { code: plain };
  const filled = namesIn(valuesOf).find((each) => each === code);
  if (!filled) return null;
  const wanted = Object.entries(valuesOf[filled]);
  const isWhole = wanted.every(([name, as]) =>
    as === 'text' ? typeof fields?.[name] === 'string' : Number.isFinite(fields?.[name]),
  );
  if (!isWhole) return null;
  const values = Object.fromEntries(wanted.map(([name]) => [name, fields?.[name]]));
  // Each value was looked at by the table above, which is complete by its type.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return { code: filled, ...values } as Reason;
}
