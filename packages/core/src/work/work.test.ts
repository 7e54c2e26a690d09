import fc from 'fast-check';
import { drawnCourse, itemsToDraw } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import {
  addedOn,
  applyWorkChanges,
  dropPiece,
  emptyWork,
  applyWork,
  validateWork,
  progressOn,
  putIntoZone,
  readWork,
  strandedIn,
  type Work,
} from './index.js';

const at = (x: number, y: number, width: number, height: number) => ({ x, y, width, height, rotation: 0 });
const { deck } = new DeckBuilder()
  .slide('shore')
  .item('profile', 'picture', { layer: 'backdrop', frame: at(0, 0, 1280, 720) })
  .item('splash', 'zone', { frame: at(100, 100, 300, 200), fields: { label: 'Splash zone' } })
  .item('kelp', 'shape', { loose: true, frame: at(50, 600, 120, 50) })
  .item('eel', 'shape', { loose: true, frame: at(250, 600, 120, 50) })
  .item('sign', 'shape', { frame: at(700, 100, 100, 50) })
  .item('word', 'blank')
  .item('pick', 'choice', {
    fields: {
      choices: [
        { id: 'a', text: 'A' },
        { id: 'b', text: 'B' },
      ],
    },
  })
  .item('why', 'short-text')
  .item('notes', 'open-area', { frame: at(800, 400, 300, 200) });

const text = { kind: 'text', width: 50, height: 50, text: '', size: 24 } as const;

const whole: Work = {
  pieces: { kelp: { x: 120, y: 150, zoneId: 'splash' } },
  blanks: { word: 'tide' },
  answers: { pick: { kind: 'choice', picked: ['a'] }, why: { kind: 'words', text: 'salt' } },
  added: { t1: { kind: 'text', areaId: 'notes', x: 810, y: 410, width: 200, height: 60, text: 'mine', size: 24 } },
  drawn: {},
  sure: {},
  walk: ['shore'],
  seen: ['shore'],
};

test('a walk that was stored under its earlier name is read', () => {
  const { walk, ...rest } = whole;
  expect(readWork({ ...rest, way: walk })).toEqual(whole);
});

describe('work that fits', () => {
  test('what a student may do is accepted', () => {
    expect(validateWork(whole, deck)).toEqual([]);
  });

  const refused: [string, Partial<Work>][] = [
    ['moving the backdrop', { pieces: { profile: { x: 5, y: 5, zoneId: null } } }],
    ['moving a fixed item', { pieces: { sign: { x: 5, y: 5, zoneId: null } } }],
    ['moving something unknown', { pieces: { nothing: { x: 5, y: 5, zoneId: null } } }],
    ['putting a piece off the slide', { pieces: { kelp: { x: 5000, y: 5, zoneId: null } } }],
    ['putting a piece into what is no zone', { pieces: { kelp: { x: 5, y: 5, zoneId: 'sign' } } }],
    ['filling what is no blank', { blanks: { sign: 'x' } }],
    ['an endless blank', { blanks: { word: 'x'.repeat(201) } }],
    ['a choice that is not offered', { answers: { pick: { kind: 'choice', picked: ['z'] } } }],
    ['two choices where one is taken', { answers: { pick: { kind: 'choice', picked: ['a', 'b'] } } }],
    ['words for a choice question', { answers: { pick: { kind: 'words', text: 'a' } } }],
    ['an endless answer', { answers: { why: { kind: 'words', text: 'x'.repeat(5001) } } }],
    ['a text outside the open area', { added: { t: { ...text, areaId: 'notes', x: 10, y: 10 } } }],
    ['a text in what is no open area', { added: { t: { ...text, areaId: 'sign', x: 700, y: 100 } } }],
    ['a walk over unknown slides', { walk: ['elsewhere'] }],
  ];
  test.each(refused)('%s is refused', (_name, part) => {
    expect(validateWork({ ...emptyWork, ...part }, deck)).toHaveLength(1);
  });
});

describe('laying work over its edition', () => {
  test('only pieces move; everything else is the edition itself', () => {
    const laid = applyWork(deck, { ...whole, pieces: { ...whole.pieces, profile: { x: 9, y: 9, zoneId: null } } });
    expect(laid.items['kelp']?.frame).toEqual(at(120, 150, 120, 50));
    expect(laid.items['profile']).toBe(deck.items['profile']);
    expect(applyWork(deck, emptyWork)).toBe(deck);
  });

  test('added texts are found by the slide of their area', () => {
    expect(addedOn(deck, whole, 'shore')).toEqual([{ id: 't1', ...whole.added['t1'] }]);
    expect(addedOn(deck, whole, 'other')).toEqual([]);
  });

  test('work that no longer fits a corrected edition is named, not dropped', () => {
    const { deck: smaller } = new DeckBuilder().slide('shore').item('word', 'blank');
    expect([...strandedIn(smaller, whole)].sort()).toEqual(['kelp', 'pick', 't1', 'why']);
    expect(strandedIn(deck, whole)).toEqual([]);
  });

  test('progress counts pieces to place, blanks, questions and open areas', () => {
    expect(progressOn(deck, emptyWork, 'shore')).toEqual({ asked: 6, filled: 0 });
    expect(progressOn(deck, whole, 'shore')).toEqual({ asked: 6, filled: 5 });
    expect(progressOn(deck, whole, 'shore', () => true)).toEqual({ asked: 0, filled: 0 });
  });
});

describe('putting pieces down', () => {
  test('a piece let go over a zone snaps into it beside the pieces there', () => {
    const first = dropPiece(deck, emptyWork, 'kelp', { x: 200, y: 180 });
    expect(first?.zoneId).toBe('splash');
    const work = applyWorkChanges(emptyWork, first?.changes ?? []);
    const second = putIntoZone(deck, work, 'eel', 'splash');
    expect(second?.zoneId).toBe('splash');
    const { kelp, eel } = applyWorkChanges(work, second?.changes ?? []).pieces;
    expect(eel).not.toMatchObject({ x: kelp?.x, y: kelp?.y });
  });

  test('wherever a piece is let go, the place fits the edition', () => {
    fc.assert(
      fc.property(fc.integer({ min: -5000, max: 5000 }), fc.integer({ min: -5000, max: 5000 }), (x, y) => {
        const drop = dropPiece(deck, emptyWork, 'kelp', { x, y });
        expect(validateWork(applyWorkChanges(emptyWork, drop?.changes ?? []), deck)).toEqual([]);
      }),
    );
  });

  test('what is not loose is not put anywhere', () => {
    expect(dropPiece(deck, emptyWork, 'sign', { x: 1, y: 1 })).toBeNull();
    expect(putIntoZone(deck, emptyWork, 'sign', 'splash')).toBeNull();
  });
});

describe('untrusted work', () => {
  test('any JSON at all gives work', () => {
    fc.assert(fc.property(fc.jsonValue(), (value) => expect(readWork(readWork(value))).toEqual(readWork(value))));
  });
  test('work survives being written and read', () => {
    expect(readWork(JSON.parse(JSON.stringify(whole)))).toEqual(whole);
  });
});

test('a line tied to a piece follows it to where a student has put it', () => {
  const { deck: tied } = new DeckBuilder()
    .slide('s')
    .item('pool', 'shape', { frame: { x: 500, y: 100, width: 100, height: 60, rotation: 0 }, loose: true })
    .item('line', 'line', { fields: { to: { u: 1, v: 0, at: 'pool', side: 'left', head: 'arrow' } } });
  const work = applyWorkChanges(emptyWork, [{ part: 'pieces', id: 'pool', value: { x: 800, y: 500, zoneId: null } }]);
  const line = itemsToDraw(applyWork(tied, work), 's').find((item) => item.id === 'line');
  expect(line?.kind === 'line' && drawnCourse(line).to).toEqual({ x: 800, y: 530 });
});
