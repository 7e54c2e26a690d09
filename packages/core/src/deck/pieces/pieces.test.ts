import { DeckBuilder } from '../../testing/index.js';
import {
  addPlacement,
  applyChanges,
  canBePiece,
  type Change,
  cutPicture,
  type Deck,
  duplicateSlides,
  gridOfZones,
  groupItems,
  itemsOf,
  type ItemId,
  piecesFromWords,
  piecesIn,
  piecesOn,
  placementStarts,
  readDeck,
  setBelongs,
  setLoose,
  setPieceBehaviour,
  setPlaces,
  sourceOfPiece,
  pileCopyId,
  withoutKeysAndNotes,
  zonesOn,
} from '../index.js';

const ids = () => {
  let count = 0;
  return () => `new-${(count += 1)}`;
};
const picture = 'a'.repeat(64);
const frame = { x: 100, y: 100, width: 300, height: 200, rotation: 0 };
const { deck } = new DeckBuilder()
  .slide('s')
  .item('moon', 'picture', { frame, fields: { picture, pixels: { width: 900, height: 600 }, alt: 'The moon' } })
  .item('a', 'shape', { loose: true })
  .item('b', 'shape', { loose: true })
  .item('fixed', 'shape')
  .item('wall', 'shape', { layer: 'backdrop' })
  .item('left', 'zone', { fields: { belongs: ['a'], takes: ['a'] } })
  .item('right', 'zone');
const zone = (made: Deck, id: ItemId) => {
  const item = made.items[id];
  if (item?.kind !== 'zone') throw new Error(`no zone ${id}`);
  return item;
};
const with_ = (...changes: readonly Change[]) => applyChanges(deck, changes);

describe('pieces', () => {
  test('loose items are pieces, and a group is one when nothing of it is fixed', () => {
    expect(piecesOn(deck, 's').map(({ id }) => id)).toEqual(['a', 'b']);
    const grouped = applyChanges(deck, groupItems(deck, ['a', 'b'], 'g'));
    expect(piecesOn(grouped, 's').map(({ id, items }) => [id, items.length])).toEqual([['g', 2]]);
    const half = applyChanges(grouped, setLoose(grouped, ['b'], false));
    expect(piecesOn(half, 's').map(({ id }) => id)).toEqual(['a']);
    expect(piecesIn(deck).size).toBe(2);
  });

  test('whatever is seen and asks nothing can be one; a line that is tied only with what it joins', () => {
    const free = { u: 0, v: 0, side: null, head: 'none' } as const;
    const { deck: drawn } = new DeckBuilder()
      .slide('s')
      .item('table', 'table')
      .item('word', 'text')
      .item('free', 'line')
      .item('tied', 'line', { fields: { from: { ...free, at: 'word' }, to: { ...free, at: null } } })
      .item('asks', 'choice');
    const can = (id: ItemId, among?: readonly ItemId[]) => {
      const item = drawn.items[id];
      return item !== undefined && canBePiece(item, among);
    };
    expect(['table', 'word', 'free', 'tied', 'asks'].filter((id) => can(id))).toEqual(['table', 'word', 'free']);
    expect(can('tied', ['word', 'tied'])).toBe(true);
  });

  test('many are made loose at once, but nothing of the backdrop', () => {
    const loose = with_(...setLoose(deck, ['fixed', 'wall', 'a'], true));
    expect(loose.items['fixed']?.loose).toBe(true);
    expect(loose.items['wall']?.loose).toBe(false);
  });

  test('a copy of a pile is known by the pile it came from', () => {
    expect(sourceOfPiece(pileCopyId('post', 12))).toBe('post');
    expect(sourceOfPiece('post')).toBe('post');
    expect(sourceOfPiece('post--0')).toBe('post--0');
  });

  test('a piece belongs into one zone, and a zone that took only its own takes what belongs there now', () => {
    const moved = with_(...setBelongs(deck, 'a', 'right'));
    expect(zone(moved, 'right').belongs).toEqual(['a']);
    expect(zone(moved, 'left')).toMatchObject({ belongs: [], takes: [] });
    const both = with_(...setPlaces(deck, 's', { left: ['b', 'a', 'a'], right: [] }));
    expect(zone(both, 'left')).toMatchObject({ belongs: ['b', 'a'], takes: ['b', 'a'] });
  });

  test('of a pile as many belong as copies lie there', () => {
    const piled = with_(...setPieceBehaviour(deck, ['a'], { pile: null }));
    const kept = applyChanges(piled, setPlaces(piled, 's', { right: ['a', 'a', 'b', 'b'] }));
    expect(zone(kept, 'right').belongs).toEqual(['a', 'a', 'b']);
  });

  test('students are not given what belongs where', () => {
    expect(zone(withoutKeysAndNotes(deck), 'left')).toMatchObject({ belongs: [], takes: ['a'] });
  });
});

describe('making pieces', () => {
  test('of a list there is a piece for every line with words, on the slide', () => {
    const { changes, made } = piecesFromWords(deck, 's', ['eel', '  ', ' crab ', 'x'.repeat(90)], ids());
    const next = with_(...changes);
    expect(made).toHaveLength(3);
    for (const id of made) {
      const item = next.items[id];
      expect(item?.loose).toBe(true);
      expect((item?.frame.x ?? 0) + (item?.frame.width ?? 0)).toBeLessThanOrEqual(1280);
    }
    expect(
      piecesFromWords(
        deck,
        's',
        Array.from({ length: 300 }, (_, at) => `w${at}`),
        ids(),
      ).made,
    ).toHaveLength(100);
  });

  test('a picture is cut into parts that make up the whole, each with a zone where it was', () => {
    const cut = with_(
      ...cutPicture(deck, 'moon', { columns: 3, rows: 2, zones: true, called: 'part' }, ids(), () => 0.4),
    );
    expect(cut.items['moon']).toBeUndefined();
    const parts = itemsOf(cut, 's').filter((item) => item.kind === 'picture');
    expect(parts).toHaveLength(6);
    const area = parts.reduce((sum, { crop }) => sum + crop.width * crop.height, 0);
    expect(area).toBeCloseTo(1);
    const zones = zonesOn(cut, 's').filter(({ capacity }) => capacity === 1);
    expect(zones.flatMap(({ belongs }) => belongs).sort()).toEqual(parts.map(({ id }) => id).sort());
    expect(cutPicture(deck, 'moon', { columns: 40, rows: 40, zones: true, called: 'part' })).toEqual([]);
    const whole = with_(...cutPicture(deck, 'moon', { columns: 2, rows: 1, zones: false, called: 'part' }, ids()));
    const lying = itemsOf(whole, 's').filter((item) => item.kind === 'picture');
    expect(lying.map((item) => item.frame.x)).toEqual([100, 250]);
  });

  test('a zone becomes a grid of zones like it, without its key', () => {
    const grid = with_(...gridOfZones(deck, 'left', { columns: 2, rows: 2 }, ids()));
    expect(grid.items['left']).toBeUndefined();
    const made = zonesOn(grid, 's').filter(({ id }) => id.startsWith('new-'));
    expect(made).toHaveLength(4);
    expect(made.every(({ belongs }) => belongs.length === 0)).toBe(true);
  });

  test.each(placementStarts)('"%s" begins with zones and pieces that can be read again', (start) => {
    const words = { zones: ['One', 'Two'], pieces: ['a', 'b', 'c', 'd'] };
    const { changes, zones, pieces } = addPlacement(deck, 's', start, words, ids());
    const made = applyChanges(deck, changes);
    expect(readDeck(JSON.parse(JSON.stringify(made))).problems).toEqual([]);
    const keyed = zones.flatMap((id) => zone(made, id).belongs);
    expect(new Set(keyed)).toEqual(new Set(start === 'build' ? [] : pieces));
    const places = pieces.map((id) => JSON.stringify(made.items[id]?.frame));
    expect(new Set(places).size).toBe(pieces.length);
  });
});

test('a copied slide has zones, pieces and regions of its own', () => {
  const before = with_(...setPieceBehaviour(deck, ['a'], { within: 'fixed' }));
  const { changes, copies } = duplicateSlides(before, ['s'], { nameOf: () => 'again', createId: ids() });
  const copied = applyChanges(before, changes);
  const slideId = copies[0] ?? '';
  const left = zonesOn(copied, slideId).find(({ belongs }) => belongs.length > 0);
  const [piece = ''] = left?.belongs ?? [];
  expect(piece).not.toBe('a');
  expect(copied.items[piece]?.slideId).toBe(slideId);
  expect(left?.takes).toEqual([piece]);
  expect(copied.items[copied.items[piece]?.piece.within ?? '']?.slideId).toBe(slideId);
});
