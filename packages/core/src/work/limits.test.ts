import { DeckBuilder } from '../testing/index.js';
import {
  emptyWork,
  hasRoomFor,
  validateWork,
  nextStrokeId,
  readWork,
  SOUND_ELSEWHERE,
  type Stroke,
  withoutBytes,
  type Work,
  workLimits,
} from './index.js';

const { deck } = new DeckBuilder()
  .slide('s')
  .item('pick', 'choice', { fields: { choices: ['a', 'b'].map((id) => ({ id, text: id })), several: true } })
  .item('short', 'short-text')
  .item('long', 'long-text')
  .item('depth', 'number')
  .item('map', 'point', { fields: { mark: 'dots', most: 2 } })
  .item('line', 'point', { fields: { mark: 'arrow' } })
  .item('sketch', 'draw')
  .item('say', 'spoken')
  .item('listed', 'blank', { fields: { options: ['high', 'low'], asksSure: true } });

const stroke = (points: readonly number[], itemId = 'sketch'): Stroke => ({
  itemId,
  tool: 'pen',
  color: '#1d2b2a',
  width: 5,
  points,
});
const answered = (id: string, answer: Work['answers'][string]): Work => ({ ...emptyWork, answers: { [id]: answer } });
const dots = (count: number) => Array.from({ length: count }, (_, at) => ({ x: at / 10, y: 0.5 }));
const sound = (bytes: string) => ({ kind: 'sound' as const, bytes, type: 'audio/webm' as const, seconds: 1 });

describe('work that no honest browser would send', () => {
  test.each<[string, Work]>([
    ['a choice picked twice', answered('pick', { kind: 'choice', picked: ['a', 'a'] })],
    ['a choice that there is not', answered('pick', { kind: 'choice', picked: ['z'] })],
    ['words for dots', answered('map', { kind: 'words', text: 'there' })],
    ['an answer to nothing', answered('nowhere', { kind: 'words', text: 'x' })],
    ['a text of a megabyte', answered('short', { kind: 'words', text: 'x'.repeat(1_000_000) })],
    ['a long text that is far too long', answered('long', { kind: 'words', text: 'x'.repeat(20_001) })],
    ['a number of a thousand figures', answered('depth', { kind: 'words', text: '1'.repeat(1000) })],
    ['more dots than are asked for', answered('map', { kind: 'dots', dots: dots(3) })],
    ['an arrow with three ends', answered('line', { kind: 'dots', dots: dots(3) })],
    ['sound that is elsewhere', answered('say', sound(SOUND_ELSEWHERE))],
    ['sound that is none', answered('say', sound('<script>'))],
    ['sound without end', answered('say', sound('A'.repeat(workLimits.recording + 1)))],
    ['a choice of a list that is not on it', { ...emptyWork, blanks: { listed: 'middling' } }],
    ['sureness that is not asked for', { ...emptyWork, sure: { pick: 4 } }],
    ['a stroke on nothing', { ...emptyWork, drawn: { k1: stroke([0, 0], 'pick') } }],
    [
      'a drawing of 200,000 points',
      {
        ...emptyWork,
        drawn: Object.fromEntries(
          Array.from({ length: 100 }, (_, at) => [`k${at}`, stroke(Array.from({ length: 4000 }, () => at))]),
        ),
      },
    ],
    ['one stroke of 200,000 points', { ...emptyWork, drawn: { k1: stroke(Array.from({ length: 400_000 }, () => 1)) } }],
  ])('%s is refused', (_, work) => {
    expect(validateWork(work, deck)).not.toEqual([]);
    expect(validateWork(readWork(JSON.parse(JSON.stringify(work))), deck)).not.toEqual([]);
  });

  test('what fits is let through, emoji alone too', () => {
    const work: Work = {
      ...emptyWork,
      blanks: { listed: 'low' },
      sure: { listed: 2 },
      answers: {
        pick: { kind: 'choice', picked: ['b', 'a'] },
        short: { kind: 'words', text: '🦀🦀' },
        map: { kind: 'dots', dots: dots(2) },
        say: sound('GkXfo59ChoEB'),
      },
      drawn: { k1: stroke([0, 0, 10, 10]) },
    };
    expect(validateWork(work, deck)).toEqual([]);
    expect(readWork(JSON.parse(JSON.stringify(work)))).toEqual(work);
  });
});

test('work without its sounds still says that something was spoken, and for how long', () => {
  const work = answered('say', sound('GkXf'));
  expect(withoutBytes(work).answers['say']).toEqual({ ...sound(SOUND_ELSEWHERE) });
  expect(withoutBytes(emptyWork)).toBe(emptyWork);
});

describe('drawing', () => {
  test('there is room until a drawing is full, and strokes keep their order', () => {
    const line = stroke(Array.from({ length: 4000 }, () => 1));
    let work = emptyWork;
    let count = 0;
    while (hasRoomFor(work, line)) {
      work = { ...work, drawn: { ...work.drawn, [nextStrokeId(work, 'abc')]: line } };
      count += 1;
    }
    expect(count).toBe(15);
    expect(validateWork(work, deck)).toEqual([]);
    expect(Object.keys(work.drawn)).toEqual([...Object.keys(work.drawn)].sort());
  });
});
