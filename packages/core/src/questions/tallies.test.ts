import { plainText } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { emptyWork, type Work } from '../work/index.js';
import {
  choicesFor,
  isUsedUp,
  layerDrawings,
  readFeedback,
  tallyPlacements,
  tallyPoints,
  feedbackNow,
  feedbackOnSubmitted,
  feedbackOnPresent,
} from './index.js';

const choices = ['a', 'b', 'c', 'd', 'e'].map((id) => ({ id, text: id }));
const { deck } = new DeckBuilder()
  .slide('s')
  .item('map', 'point', {
    frame: { x: 0, y: 0, width: 400, height: 400, rotation: 0 },
    fields: { regions: [{ id: 'r', shape: 'box', x: 0, y: 0, width: 0.3, height: 0.3 }] },
  })
  .item('sketch', 'draw', { fields: { picture: 'b'.repeat(64), pixels: { width: 200, height: 100 } } })
  .item('eel', 'shape', { loose: true, fields: { text: plainText('eel') } })
  .item('owl', 'shape', { loose: true, fields: { text: plainText('owl') } })
  .item('water', 'zone', { fields: { label: 'Water', belongs: ['eel'] } })
  .item('sky', 'zone', { fields: { label: 'Sky', belongs: ['owl'] } })
  .item('pick', 'choice', {
    fields: {
      choices,
      right: ['b'],
      shuffled: true,
      feedbackAt: 'at-once',
      attempts: 2,
      feedback: { right: 'Well seen.', partly: '', wrong: 'Look at its legs.' },
    },
  })
  .item('later', 'blank', { fields: { accepted: ['eel'], feedbackAt: 'submitted' } })
  .item('quiet', 'blank', { fields: { accepted: ['eel'] } });

const item = <K extends string>(id: string, kind: K) => {
  const found = deck.items[id];
  if (found?.kind !== kind) throw new Error(`no ${kind} ${id}`);
  return found as Extract<typeof found, { kind: K }>;
};

describe('tallies', () => {
  test('dots that lie close together are a cluster, the largest first, and told by the key', () => {
    const at = (x: number, y: number): Work => ({
      ...emptyWork,
      answers: { map: { kind: 'dots', dots: [{ x, y }] } },
    });
    const works = [at(0.1, 0.1), at(0.12, 0.1), at(0.14, 0.12), at(0.8, 0.8), emptyWork];
    const tally = tallyPoints(item('map', 'point'), works);
    expect(tally.answered).toBe(4);
    expect(tally.clusters.map(({ count, right }) => [count, right])).toEqual([
      [3, true],
      [1, false],
    ]);
    expect(Math.max(...tally.density.cells)).toBe(1);
    expect(tallyPoints(item('map', 'point'), [...works].reverse())).toEqual(tally);
    expect(tallyPoints(item('map', 'point'), []).clusters).toEqual([]);
  });

  test('where the order counts, a piece is right in its own place and in no other', () => {
    const { deck: line } = new DeckBuilder()
      .slide('s')
      .item('row', 'zone', {
        frame: { x: 0, y: 0, width: 900, height: 200, rotation: 0 },
        fields: { lay: 'row', inOrder: true, belongs: ['a', 'b', 'c'] },
      })
      .item('a', 'shape', { loose: true, fields: { text: plainText('a') } })
      .item('b', 'shape', { loose: true, fields: { text: plainText('b') } })
      .item('c', 'shape', { loose: true, fields: { text: plainText('c') } });
    const laid = (...ids: string[]): Work => ({
      ...emptyWork,
      pieces: Object.fromEntries(ids.map((id, at) => [id, { x: at * 280, y: 20, zoneId: 'row' }])),
    });
    const { zones, pieces } = tallyPlacements(line, 's', [laid('c', 'b', 'a')]);
    expect(zones.map(({ place }) => place)).toEqual([1, 2, 3, 4]);
    const ticked = (tally: typeof pieces) =>
      tally.map(({ counts, right }) => counts.some((count, at) => count > 0 && right[at]));
    expect(ticked(pieces)).toEqual([false, true, false]);
    expect(ticked(tallyPlacements(line, 's', [laid('a', 'b', 'c')]).pieces)).toEqual([true, true, true]);
  });

  test('placements are a matrix of pieces and zones', () => {
    const put = (pieces: Record<string, string>): Work => ({
      ...emptyWork,
      pieces: Object.fromEntries(Object.entries(pieces).map(([id, zoneId]) => [id, { x: 0, y: 0, zoneId }])),
    });
    const tally = tallyPlacements(deck, 's', [put({ eel: 'water', owl: 'water' }), put({ eel: 'sky' }), emptyWork]);
    expect(tally.answered).toBe(2);
    expect(tally.pieces).toEqual([
      { id: 'eel', name: 'eel', counts: [1, 1], right: [true, false], outside: 0 },
      { id: 'owl', name: 'owl', counts: [1, 0], right: [false, true], outside: 1 },
    ]);
  });

  test('drawings are layered: a cell counts students, not strokes', () => {
    const draw = (...strokes: number[][]): Work => ({
      ...emptyWork,
      drawn: Object.fromEntries(
        strokes.map((points, at) => [`k${at}`, { itemId: 'sketch', tool: 'pen', color: '#000000', width: 4, points }]),
      ),
    });
    const layers = layerDrawings(item('sketch', 'draw'), [
      draw([5, 5, 100, 5], [5, 5, 8, 8]),
      draw([5, 5, 5, 90]),
      emptyWork,
    ]);
    expect(layers).toMatchObject({ columns: 40, rows: 20, drew: 2 });
    expect(layers.cells[0]).toBe(2);
    expect(layers.cells[3]).toBe(1);
    expect(layers.cells[9]).toBe(0);
  });
});

describe('what a student is feedback', () => {
  const picked = (id: string): Work => ({ ...emptyWork, answers: { pick: { kind: 'choice', picked: [id] } } });

  test('at once: how it stands and what the author says; the reason only when nothing is left to try', () => {
    const pick = item('pick', 'choice');
    expect(feedbackNow(pick, picked('a'), deck, 1)).toEqual({
      verdict: 'wrong',
      points: 0,
      outOf: 1,
      says: 'Look at its legs.',
      why: null,
      left: 1,
      of: '{"kind":"choice","picked":["a"]}',
    });
    expect(feedbackNow(pick, picked('a'), deck, 2)).toMatchObject({ left: 0, why: { code: 'key', key: 'b' } });
    expect(feedbackNow(pick, picked('b'), deck, 1)).toMatchObject({ verdict: 'right', says: 'Well seen.' });
    expect(feedbackNow(item('later', 'blank'), emptyWork, deck, 1)).toBeNull();
  });

  test('of another answer nothing is told any more, unless nothing is left to try', () => {
    const pick = item('pick', 'choice');
    const first = feedbackNow(pick, picked('a'), deck, 1);
    const last = feedbackNow(pick, picked('a'), deck, 2);
    if (!first || !last) throw new Error('nothing feedback');
    expect(feedbackOnPresent({ pick: first }, picked('a'), deck)).toEqual({ pick: first });
    expect(feedbackOnPresent({ pick: first }, picked('c'), deck)).toEqual({});
    expect(feedbackOnPresent({ pick: last, gone: last }, picked('c'), deck)).toEqual({ pick: last });
    expect(isUsedUp(pick, 1)).toBe(false);
    expect(isUsedUp(pick, 2)).toBe(true);
    expect(readFeedback(JSON.parse(JSON.stringify(last)))).toEqual(last);
  });

  test('after submitting: all but what is never told', () => {
    const feedback = feedbackOnSubmitted({ ...picked('a'), blanks: { later: 'owl', quiet: 'owl' } }, deck);
    expect(Object.keys(feedback).sort()).toEqual(['later', 'pick']);
    expect(feedback['later']).toMatchObject({ verdict: 'wrong', why: { code: 'accepted', accepted: 'eel' } });
  });

  test('shuffled choices keep their order for one student and differ between students', () => {
    const pick = item('pick', 'choice');
    const order = (who: string) =>
      choicesFor(pick, who)
        .map(({ id }) => id)
        .join('');
    expect(order('')).toBe('abcde');
    expect(order('Ida')).toBe(order('Ida'));
    const orders = new Set(Array.from({ length: 40 }, (_, at) => order(`student ${at}`)));
    expect(orders.size).toBeGreaterThan(20);
    for (const each of orders) expect([...each].sort().join('')).toBe('abcde');
  });
});
