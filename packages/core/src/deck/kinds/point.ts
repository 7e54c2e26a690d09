/** Point: a question answered by pointing at a picture, or at a place along a scale. */
import { askingWithoutKey, readAsking, type Region } from '../model/asking.js';
import { isId } from '../model/identifiers.js';
import { type PointAxis, pointMarks } from '../model/question-items.js';
import { readBoolean, readFields, readNumber, readOneOf, readString } from '../model/reading.js';
import { filledIn, groundContents, type ItemKind, readPictureId, readPixels } from './kind.js';

/** The most dots an answer can have, and regions a key. */
export const MOST_DOTS = 20;

export const pointKind: ItemKind<'point'> = {
  kind: 'point',
  make: (base, fields) => ({ ...base, kind: 'point', ...pointKind.read(fields) }),
  size: { width: 640, height: 420 },
  read: (fields) => ({
    ...readAsking(fields),
    prompt: readString(fields['prompt'], ''),
    picture: readPictureId(fields['picture']),
    pixels: readPixels(fields['pixels']),
    alt: readString(fields['alt'], '', 500),
    mark: readOneOf(fields['mark'], pointMarks, 'dot'),
    most: Math.round(readNumber(fields['most'], 5, 1, MOST_DOTS)),
    axis: readAxis(fields['axis']),
    regions: (Array.isArray(fields['regions']) ? fields['regions'] : []).slice(0, MOST_DOTS).flatMap(readRegion),
  }),
  withoutKey: (item) => ({
    ...askingWithoutKey(item),
    regions: [],
    axis: item.axis && { ...item.axis, right: null, tolerance: 0 },
  }),
  words: (item) => item.prompt,
  ...filledIn,
  asks: true,
  gates: ['answered', 'right'],
  ...groundContents,
};

function readAxis(value: unknown): PointAxis | null {
  const fields = readFields(value);
  if (!fields) return null;
  const from = readNumber(fields['from'], 0, -1e9, 1e9);
  const to = readNumber(fields['to'], 10, -1e9, 1e9);
  return {
    from,
    to: to === from ? from + 1 : to,
    unit: readString(fields['unit'], '', 20),
    upright: readBoolean(fields['upright'], false),
    right: typeof fields['right'] === 'number' ? readNumber(fields['right'], 0, -1e9, 1e9) : null,
    tolerance: readNumber(fields['tolerance'], 0, 0, 1e9),
  };
}

function readRegion(value: unknown): readonly Region[] {
  const fields = readFields(value);
  if (!isId(fields?.['id'])) return [];
  const share = (name: string) => readNumber(fields[name], 0, 0, 1);
  return [
    {
      id: fields['id'],
      shape: readOneOf(fields['shape'], ['box', 'oval'], 'oval'),
      x: share('x'),
      y: share('y'),
      width: share('width'),
      height: share('height'),
    },
  ];
}
