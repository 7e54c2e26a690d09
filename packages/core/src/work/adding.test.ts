import fc from 'fast-check';
import { DeckBuilder } from '../testing/index.js';
import {
  type Added,
  type AddedContent,
  addedLetters,
  applyWorkChanges,
  emptyWork,
  hardToSee,
  validateWork,
  moveAdded,
  placeAdded,
  readWork,
  sizeAdded,
  type Work,
  workLimits,
} from './index.js';

const frame = { x: 640, y: 120, width: 500, height: 400, rotation: 0 };
const deck = new DeckBuilder().slide('page').item('area', 'open-area', { frame }).item('note', 'text').deck;
const text: AddedContent = { kind: 'text', text: 'A tern', size: addedLetters.usual };
const picture = (width: number, height: number): AddedContent => ({
  kind: 'picture',
  bytes: 'AAAA',
  type: 'image/jpeg',
  pixels: { width, height },
  alt: 'a tern',
  credit: '',
});
const sticker: AddedContent = { kind: 'sticker', sticker: '1f419', alt: 'octopus' };
const sign: AddedContent = { kind: 'sign', strokes: ['M2 12h20'], alt: 'a line' };
const workWith = (added: Added): Work => applyWorkChanges(emptyWork, [{ part: 'added', id: 'a', value: added }]);
const contents = fc.oneof(
  fc.constant(text),
  fc.constant(sticker),
  fc.constant(sign),
  fc.tuple(fc.integer({ min: 1, max: 4000 }), fc.integer({ min: 1, max: 4000 })).map(([w, h]) => picture(w, h)),
);

describe('what is added in an open area', () => {
  test('never leaves it, wherever it is moved and however it is sized', () => {
    const numbers = fc.double({ min: -3000, max: 3000, noNaN: true });
    const factors = fc.double({ min: 0.01, max: 50, noNaN: true });
    fc.assert(
      fc.property(contents, numbers, numbers, factors, (content, x, y, factor) => {
        const added = placeAdded(deck, emptyWork, 'area', content);
        if (!added) throw new Error('there is an area');
        const moved = moveAdded(deck, sizeAdded(deck, moveAdded(deck, added, x, y), factor), y, x);
        expect(validateWork(workWith(moved), deck)).toEqual([]);
      }),
    );
  });

  test('pictures keep their shape', () => {
    const added = placeAdded(deck, emptyWork, 'area', picture(800, 400));
    const larger = added && sizeAdded(deck, added, 1.5);
    for (const each of [added, larger]) expect((each?.width ?? 0) / (each?.height ?? 1)).toBeCloseTo(2);
  });

  test('what comes second does not lie on what came first', () => {
    const first = placeAdded(deck, emptyWork, 'area', text);
    const second = first && placeAdded(deck, workWith(first), 'area', text);
    expect(second && [second.x, second.y]).not.toEqual(first && [first.x, first.y]);
    expect(placeAdded(deck, emptyWork, 'note', text)).toBeNull();
  });

  test('small letters and blurred pictures are found', () => {
    const small = placeAdded(deck, emptyWork, 'area', { kind: 'text', text: 'x', size: 14 });
    const blurred = placeAdded(deck, emptyWork, 'area', picture(60, 40));
    const sharp = placeAdded(deck, emptyWork, 'area', picture(1200, 800));
    expect([small, blurred, sharp].map((added) => added && hardToSee(deck, added))).toEqual([
      'small-letters',
      'blurred',
      null,
    ]);
  });

  test('too large pictures, markup for bytes and unknown stickers are refused', () => {
    const place = { areaId: 'area', x: 700, y: 200, width: 80, height: 80 };
    const refused: Added[] = [
      { ...picture(8, 8), ...place, bytes: 'A'.repeat(workLimits.picture + 1) } as Added,
      { ...picture(8, 8), ...place, bytes: '"><script>' } as Added,
      { ...sticker, ...place, sticker: '../../api/session' } as Added,
      { ...sign, ...place, strokes: [] } as Added,
    ];
    for (const added of refused) expect(validateWork(workWith(added), deck)).toHaveLength(1);
  });

  test('of a sign only lines are read', () => {
    const { added } = readWork({
      added: { s: { ...sign, areaId: 'area', x: 700, y: 200, strokes: ['M2 2h9', '"><script>'] } },
    });
    expect(added['s']).toMatchObject({ kind: 'sign', strokes: ['M2 2h9'] });
  });

  test('ink is taken in the area and nowhere else', () => {
    const ink = (itemId: string): Work =>
      applyWorkChanges(emptyWork, [
        { part: 'drawn', id: 'k1', value: { itemId, tool: 'pen', color: '#1d2b2a', width: 4, points: [0, 0, 9, 9] } },
      ]);
    expect(validateWork(ink('area'), deck)).toEqual([]);
    expect(validateWork(ink('note'), deck)).toHaveLength(1);
  });

  test('texts of earlier days, kept without a kind, are read as texts', () => {
    const { added } = readWork({
      added: { t: { areaId: 'area', x: 700, y: 200, width: 90, height: 40, text: 'Old' } },
    });
    expect(added['t']).toMatchObject({ kind: 'text', text: 'Old', size: addedLetters.usual });
  });
});
