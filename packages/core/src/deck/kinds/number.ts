/** Number: a question answered by a number, with or without a unit. */
import { askingWithoutKey, readAsking } from '../model/asking.js';
import type { MeasuringUnit } from '../model/question-items.js';
import { readBoolean, readFields, readNumber, readOneOf, readString } from '../model/reading.js';
import { filledIn, type ItemKind } from './kind.js';

const MOST_UNITS = 8;
/** As large as numbers of physics and chemistry are written. */
const MOST = 1e120;

export const numberKind: ItemKind<'number'> = {
  kind: 'number',
  make: (base, fields) => ({ ...base, kind: 'number', ...numberKind.read(fields) }),
  size: { width: 480, height: 170 },
  read: (fields) => ({
    ...readAsking(fields),
    prompt: readString(fields['prompt'], ''),
    units: (Array.isArray(fields['units']) ? fields['units'] : []).slice(0, MOST_UNITS).flatMap(readUnit),
    unitNeeded: readBoolean(fields['unitNeeded'], false),
    fractions: readBoolean(fields['fractions'], true),
    right: typeof fields['right'] === 'number' ? readNumber(fields['right'], 0, -MOST, MOST) : null,
    tolerance: readNumber(fields['tolerance'], 0, 0, MOST),
    toleranceIs: readOneOf(fields['toleranceIs'], ['absolute', 'relative'], 'absolute'),
  }),
  withoutKey: (item) => ({ ...askingWithoutKey(item), right: null, tolerance: 0 }),
  words: (item) => item.prompt,
  ...filledIn,
  asks: true,
  gates: ['answered', 'right'],
};

function readUnit(value: unknown): readonly MeasuringUnit[] {
  const fields = readFields(value);
  const name = readString(fields?.['name'], '', 20).trim();
  const worth = readNumber(fields?.['worth'], 1, 0, MOST);
  return name === '' || worth === 0 ? [] : [{ name, worth }];
}
