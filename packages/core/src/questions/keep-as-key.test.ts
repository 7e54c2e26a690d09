import { applyChanges, type ItemId } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { applyWorkChanges, emptyWork, putIntoZone, type Work } from '../work/index.js';
import { keepAsKey, markWork } from './index.js';

const choices = ['a', 'b'].map((id) => ({ id, text: id }));
const { deck } = new DeckBuilder()
  .slide('s')
  .item('pick', 'choice', { fields: { choices, right: ['a'] } })
  .item('word', 'blank', { fields: { accepted: ['owl'] } })
  .item('short', 'short-text')
  .item('depth', 'number', {
    fields: {
      units: [
        { name: 'm', worth: 1 },
        { name: 'km', worth: 1000 },
      ],
    },
  })
  .item('map', 'point', { fields: { mark: 'dots' } })
  .item('year', 'point', {
    fields: { axis: { from: 1900, to: 2000, unit: '', upright: false, right: null, tolerance: 1 } },
  })
  .item('eel', 'shape', { loose: true })
  .item('shell', 'shape', { loose: true })
  .item('water', 'zone', { fields: { belongs: ['shell'] } })
  .item('sand', 'zone', { fields: { lay: 'row', inOrder: true } });

const placed = (work: Work, piece: ItemId, zone: ItemId) =>
  applyWorkChanges(work, putIntoZone(deck, work, piece, zone)?.changes ?? []);

const filled: Work = {
  ...placed(placed(emptyWork, 'eel', 'water'), 'shell', 'sand'),
  blanks: { word: ' eel ' },
  answers: {
    pick: { kind: 'choice', picked: ['b'] },
    short: { kind: 'words', text: 'salt' },
    depth: { kind: 'words', text: '1,5 km' },
    map: {
      kind: 'dots',
      dots: [
        { x: 0.02, y: 0.5 },
        { x: 0.7, y: 0.5 },
      ],
    },
    year: { kind: 'dots', dots: [{ x: 0.532, y: 0.5 }] },
  },
};

describe('keeping what was filled in as the key', () => {
  const kept = applyChanges(deck, keepAsKey(deck, 's', filled));

  test('the same answers then earn all points', () => {
    const marks = markWork(kept, filled);
    expect(Object.keys(marks.items)).toHaveLength(8);
    expect(marks.points).toBe(marks.outOf);
  });

  test('each kind has it in its own way', () => {
    expect(kept.items['word']).toMatchObject({ accepted: ['eel', 'owl'] });
    expect(kept.items['depth']).toMatchObject({ right: 1500 });
    expect(kept.items['year']).toMatchObject({ axis: { right: 1953 } });
    expect(kept.items['map']).toMatchObject({ regions: [{ x: 0 }, { shape: 'oval' }] });
    expect(kept.items['water']).toMatchObject({ belongs: ['eel'] });
  });

  test('what was not filled in keeps its key', () => {
    expect(keepAsKey(deck, 's', emptyWork)).toEqual([]);
    const half = applyChanges(deck, keepAsKey(deck, 's', { ...emptyWork, blanks: { word: 'eel' } }));
    expect(half.items['pick']).toMatchObject({ right: ['a'] });
    expect(half.items['water']).toMatchObject({ belongs: ['shell'] });
  });

  test('kept twice, nothing more changes', () => {
    expect(applyChanges(kept, keepAsKey(kept, 's', filled))).toEqual(kept);
  });
});
