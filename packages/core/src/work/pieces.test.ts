import fc from 'fast-check';
import { applyChanges, type Deck, groupItems, type ItemId, plainText, setPieceBehaviour } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import {
  applyWorkChanges,
  type Drop,
  dropPiece,
  emptyWork,
  applyWork,
  validateWork,
  movedOn,
  nudgePiece,
  putIntoZone,
  roomIn,
  sendHome,
  slotsOf,
  standingIn,
  turnPiece,
  type Work,
  type WorkChange,
} from './index.js';

const at = (x: number, y: number, width = 100, height = 50) => ({ x, y, width, height, rotation: 0 });
const words = (text: string) => ({ text: plainText(text) });

const { deck: plain } = new DeckBuilder()
  .slide('s')
  .item('yard', 'shape', { frame: at(0, 400, 500, 300) })
  .item('one', 'shape', { frame: at(20, 20), loose: true, fields: words('one') })
  .item('two', 'shape', { frame: at(140, 20), loose: true, fields: words('two') })
  .item('three', 'shape', { frame: at(260, 20), loose: true, fields: words('three') })
  .item('post', 'shape', { frame: at(20, 600, 40, 80), loose: true, fields: words('post') })
  .item('hull', 'shape', { frame: at(900, 600), loose: true })
  .item('sail', 'shape', { frame: at(920, 560, 60, 40), loose: true, fields: words('sail') })
  .item('row', 'zone', { frame: at(600, 100, 600, 100), fields: { lay: 'row', inOrder: true } })
  .item('box', 'zone', { frame: at(600, 250, 300, 200), fields: { lay: 'slots', capacity: 2, label: 'Box' } })
  .item('strict', 'zone', { frame: at(950, 250, 200, 200), fields: { takes: ['one'], sendsHome: true } })
  .item('tiny', 'zone', { frame: at(600, 500, 20, 10) });
const deck: Deck = [
  setPieceBehaviour(plain, ['post'], { pile: 2, turns: true, within: 'yard' }),
  groupItems(plain, ['hull', 'sail'], 'boat'),
].reduce(applyChanges, plain);

const after = (work: Work, changes: readonly WorkChange[] | undefined) => applyWorkChanges(work, changes ?? []);
const put = (work: Work, piece: ItemId, zone: ItemId) => after(work, putIntoZone(deck, work, piece, zone)?.changes);
const order = (work: Work, zone: 'row' | 'box') => {
  const item = deck.items[zone];
  return item?.kind === 'zone' ? standingIn(deck, work, item).map(({ id }) => id) : [];
};
const frameOf = (work: Work, id: ItemId) => applyWork(deck, work).items[id]?.frame;

describe('zones', () => {
  test('in a row pieces stand one after the other, and a piece let go between two is put between them', () => {
    const two = put(put(emptyWork, 'one', 'row'), 'two', 'row');
    expect(order(two, 'row')).toEqual(['one', 'two']);
    const second = frameOf(two, 'two');
    const between = after(two, dropPiece(deck, two, 'three', { x: (second?.x ?? 0) - 60, y: 120 })?.changes);
    expect(order(between, 'row')).toEqual(['one', 'three', 'two']);
    const left = after(between, sendHome(deck, between, ['one']));
    expect(frameOf(left, 'three')?.x).toBe(frameOf(two, 'one')?.x);
  });

  test('slots take a piece each, and a full zone leaves the next one where it is let go', () => {
    const zone = deck.items['box'];
    if (zone?.kind !== 'zone') throw new Error('a zone');
    expect(slotsOf(zone)).toHaveLength(2);
    const full = put(put(emptyWork, 'one', 'box'), 'two', 'box');
    const refused = dropPiece(deck, full, 'three', { x: 650, y: 300 });
    expect(refused).toMatchObject({ zoneId: null, refused: { why: 'full' }, home: false });
    expect(putIntoZone(deck, full, 'three', 'box')).toMatchObject({ changes: [], home: true });
    expect(order(full, 'box')).toEqual(['one', 'two']);
  });

  test('a zone that takes only its own sends others home', () => {
    const work = put(emptyWork, 'two', 'box');
    const drop = putIntoZone(deck, work, 'two', 'strict');
    expect(drop).toMatchObject({ refused: { why: 'not-this-one' }, home: true, zoneId: null });
    expect(after(work, drop?.changes).pieces).toEqual({});
    expect(putIntoZone(deck, work, 'one', 'strict')).toMatchObject({ zoneId: 'strict', refused: null });
  });

  test('a zone smaller than its piece takes it over its middle', () => {
    const drop = putIntoZone(deck, emptyWork, 'one', 'tiny');
    const work = after(emptyWork, drop?.changes);
    expect(work.pieces['one']).toMatchObject({ zoneId: 'tiny' });
    expect(validateWork(work, deck)).toEqual([]);
  });

  test('of two zones over each other, the one in front takes the piece', () => {
    const { deck: over } = new DeckBuilder()
      .slide('s')
      .item('piece', 'shape', { frame: at(0, 0), loose: true })
      .item('back', 'zone', { frame: at(300, 300, 300, 300) })
      .item('front', 'zone', { frame: at(350, 350, 300, 300) });
    expect(dropPiece(over, emptyWork, 'piece', { x: 400, y: 400 })?.zoneId).toBe('front');
    expect(dropPiece(over, emptyWork, 'piece', { x: 270, y: 300 })?.zoneId).toBe('back');
  });

  test('a cloud keeps its slots inside', () => {
    const { deck: shaped } = new DeckBuilder()
      .slide('s')
      .item('cloud', 'zone', { frame: at(100, 100, 400, 300), fields: { shape: 'cloud', lay: 'slots', capacity: 3 } });
    const zone = shaped.items['cloud'];
    if (zone?.kind !== 'zone') throw new Error('a zone');
    const room = roomIn(zone);
    expect(room.width).toBeLessThan(400);
    for (const slot of slotsOf(zone)) expect(slot.x).toBeGreaterThanOrEqual(room.x);
  });
});

describe('piles, groups, turning, regions', () => {
  test('a pile gives out copies until it is used up, and they go back into it', () => {
    const first = dropPiece(deck, emptyWork, 'post', { x: 100, y: 500 });
    expect(first?.pieceId).toBe('post--1');
    const second = after(
      after(emptyWork, first?.changes),
      dropPiece(deck, after(emptyWork, first?.changes), 'post', { x: 200, y: 500 })?.changes,
    );
    expect(Object.keys(second.pieces)).toEqual(['post--1', 'post--2']);
    expect(dropPiece(deck, second, 'post', { x: 300, y: 500 })).toBeNull();
    expect(applyWork(deck, second).items['post']?.frame).toEqual(deck.items['post']?.frame);
    expect(validateWork(second, deck)).toEqual([]);
    const back = after(second, sendHome(deck, second, ['post--1']));
    expect(dropPiece(deck, back, 'post', { x: 300, y: 500 })?.pieceId).toBe('post--1');
  });

  test('more copies than the pile has, or the pile itself moved, is refused', () => {
    const place = { x: 100, y: 500, zoneId: null };
    expect(validateWork({ ...emptyWork, pieces: { 'post--3': place } }, deck)).toHaveLength(1);
    expect(validateWork({ ...emptyWork, pieces: { post: place } }, deck)).toHaveLength(1);
    expect(validateWork({ ...emptyWork, pieces: { 'one--1': place } }, deck)).toHaveLength(1);
  });

  test('a loose group moves as one', () => {
    const work = after(emptyWork, dropPiece(deck, emptyWork, 'boat', { x: 500, y: 560 })?.changes);
    expect(frameOf(work, 'hull')).toMatchObject({ x: 500, y: 600 });
    expect(frameOf(work, 'sail')).toMatchObject({ x: 520, y: 560 });
    expect(dropPiece(deck, emptyWork, 'hull', { x: 0, y: 0 })).toBeNull();
  });

  test('only what may be turned is turned, and it stays within its region', () => {
    expect(turnPiece(deck, emptyWork, 'one', 15)).toEqual([]);
    const out = after(emptyWork, dropPiece(deck, emptyWork, 'post', { x: 1200, y: 0 })?.changes);
    expect(out.pieces['post--1']).toMatchObject({ x: 460, y: 400 });
    const turned = after(out, turnPiece(deck, out, 'post--1', -15));
    expect(turned.pieces['post--1']).toMatchObject({ turn: 345 });
    expect(validateWork(turned, deck)).toEqual([]);
    expect(validateWork({ ...emptyWork, pieces: { one: { x: 0, y: 0, zoneId: null, turn: 90 } } }, deck)).toHaveLength(
      1,
    );
    expect(validateWork({ ...emptyWork, pieces: { 'post--1': { x: 900, y: 0, zoneId: null } } }, deck)).toHaveLength(1);
  });

  test('what was lifted last lies in front', () => {
    const first = after(emptyWork, dropPiece(deck, emptyWork, 'two', { x: 300, y: 300 })?.changes);
    const both = after(first, dropPiece(deck, first, 'one', { x: 310, y: 310 })?.changes);
    const rank = (id: ItemId) => applyWork(deck, both).items[id]?.rank ?? '';
    expect(rank('one') > rank('two')).toBe(true);
    expect(rank('two') > (deck.items['tiny']?.rank ?? '')).toBe(true);
  });

  test('one, some or all go home', () => {
    const work = put(put(emptyWork, 'one', 'row'), 'two', 'box');
    expect([...movedOn(deck, work, 's')].sort()).toEqual(['one', 'two']);
    expect(after(work, sendHome(deck, work, ['one', 'three'])).pieces).toEqual({ two: work.pieces['two'] });
    expect(after(work, sendHome(deck, work, movedOn(deck, work, 's')))).toEqual(emptyWork);
  });
});

describe('whatever students do with pieces', () => {
  const piece = fc.constantFrom('one', 'two', 'three', 'post', 'post--1', 'boat', 'hull', 'yard', 'nothing');
  const zone = fc.constantFrom('row', 'box', 'strict', 'tiny', 'one');
  const place = fc.record({ x: fc.integer({ min: -300, max: 1500 }), y: fc.integer({ min: -300, max: 900 }) });
  const act = fc.oneof(
    fc.record({ kind: fc.constant('drop' as const), piece, place }),
    fc.record({ kind: fc.constant('zone' as const), piece, zone }),
    fc.record({ kind: fc.constant('nudge' as const), piece, place }),
    fc.record({ kind: fc.constant('turn' as const), piece, by: fc.integer({ min: -400, max: 400 }) }),
    fc.record({ kind: fc.constant('home' as const), piece }),
  );

  test('the work fits its edition, and nothing that is not loose has moved', () => {
    fc.assert(
      fc.property(fc.array(act, { maxLength: 12 }), (acts) => {
        let work = emptyWork;
        for (const one of acts) {
          const drop: Drop | null =
            one.kind === 'drop'
              ? dropPiece(deck, work, one.piece, one.place)
              : one.kind === 'zone'
                ? putIntoZone(deck, work, one.piece, one.zone)
                : one.kind === 'nudge'
                  ? nudgePiece(deck, work, one.piece, one.place.x, one.place.y)
                  : null;
          const changes =
            one.kind === 'turn'
              ? turnPiece(deck, work, one.piece, one.by)
              : one.kind === 'home'
                ? sendHome(deck, work, [one.piece])
                : drop?.changes;
          work = after(work, changes);
        }
        expect(validateWork(work, deck)).toEqual([]);
        const laid = applyWork(deck, work);
        for (const item of Object.values(deck.items)) if (!item.loose) expect(laid.items[item.id]).toEqual(item);
      }),
    );
  });
});
