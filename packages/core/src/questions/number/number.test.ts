import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import { emptyWork } from '../../work/index.js';
import { keyWritten, markItem, readNumbers, spreadOf, tallyNumbers } from '../index.js';

const values = (words: string) => readNumbers(words)?.values;

describe('reading numbers as people write them', () => {
  test.each([
    ['1.234,5', [1234.5]],
    ['1,234.5', [1234.5]],
    ['1 234,5', [1234.5]],
    ["1'234", [1234]],
    ['1.234', [1.234, 1234]],
    ['0.234', [0.234]],
    ['1,234', [1234, 1.234]],
    ['1,5', [1.5]],
    ['10^3', [1000]],
    ['10³', [1000]],
    ['5²', [25]],
    ['2^-1', [0.5]],
    ['6.022e23', [6.022e23]],
    ['6,022 · 10²³', [6.022e23]],
    ['6.022 x 10^23', [6.022e23]],
    ['1.6*10^-19', [1.6e-19]],
    [',5', [0.5]],
    ['12.', [12]],
    ['1,234,567', [1234567]],
    ['−3', [-3]],
    ['- 3', [-3]],
    ['2e3', [2000]],
    ['½', [0.5]],
    ['1½', [1.5]],
    ['1 ½', [1.5]],
    ['3/4', [0.75]],
    ['1 1/2', [1.5]],
    ['-1 1/2', [-1.5]],
    ['٣٤', [34]],
    ['１２', [12]],
  ])('%s', (words, wanted) => expect(values(words)).toEqual(wanted));

  test.each([
    '',
    'many',
    '1/0',
    '12 34',
    '1,23,4',
    '5 or 6',
    '1.2.3,4',
    '5*3',
    '5 × 3',
    '1:30',
    '2+2',
    '3-1',
    '5=5',
    '10^',
    '7;8',
    '🦀',
    '1'.repeat(1000),
  ])('%s is no number', (words) => expect(readNumbers(words)).toBeNull());

  test('what stands behind it is its unit', () => {
    expect(readNumbers('3,5 km')).toMatchObject({ values: [3.5], unit: 'km' });
    expect(readNumbers('20°C')?.unit).toBe('°C');
    expect(readNumbers('5 m²')?.unit).toBe('m2');
    expect(readNumbers('12 m/s')?.unit).toBe('m/s');
    expect(readNumbers('3 kg·m^-1')?.unit).toBe('kg·m^-1');
    expect(readNumbers('50 %')?.unit).toBe('%');
    expect(readNumbers('10^3 km')).toMatchObject({ values: [1000], unit: 'km' });
  });

  test('whatever is written as a number is read as that number, with point or comma', () => {
    fc.assert(
      fc.property(fc.integer({ min: -99_999, max: 99_999 }), fc.integer({ min: 0, max: 99 }), (whole, cents) => {
        const written = `${whole}.${String(cents).padStart(2, '0')}`;
        expect(values(written)).toEqual([Number(written)]);
        expect(values(written.replace('.', ','))).toEqual([Number(written)]);
      }),
    );
  });
});

describe('marking a number', () => {
  const { deck } = new DeckBuilder()
    .slide('s')
    .item('bare', 'number', { fields: { right: 0.75, points: 2 } })
    .item('decimal', 'number', { fields: { right: 0.75, fractions: false } })
    .item('far', 'number', {
      fields: {
        right: 1500,
        tolerance: 0.1,
        toleranceIs: 'relative',
        unitNeeded: true,
        units: [
          { name: 'm', worth: 1 },
          { name: 'km', worth: 1000 },
        ],
      },
    });
  const mark = (id: string, text: string) => {
    const item = deck.items[id];
    return item && markItem(item, { ...emptyWork, answers: { [id]: { kind: 'words', text } } }, deck);
  };

  test('fractions, decimals and words behind the number are taken', () => {
    for (const text of ['3/4', '0,75', '.75', '0.75 of them', '75 %'])
      expect(mark('bare', text)?.verdict).toBe('right');
    expect(mark('bare', '0.7')?.verdict).toBe('wrong');
    expect(mark('decimal', '3/4')).toMatchObject({
      verdict: 'wrong',
      why: { code: 'no-fraction' },
    });
  });

  test('sums, products, powers, ratios and times are not the number they begin with', () => {
    const whole = (right: number, text: string) => {
      const { deck: one } = new DeckBuilder().slide('s').item('n', 'number', { fields: { right } });
      const item = one.items['n'];
      return item && markItem(item, { ...emptyWork, answers: { n: { kind: 'words', text } } }, one)?.verdict;
    };
    for (const [right, text] of [
      [5, '5*3'],
      [52, '5²'],
      [10, '10^3'],
      [1, '1:30'],
      [2, '2+2'],
    ] as const)
      expect([text, whole(right, text)]).toEqual([text, 'wrong']);
    for (const [right, text] of [
      [1000, '10^3'],
      [25, '5²'],
      [50, '50 %'],
      [0.5, '50 %'],
      [6.022e23, '6.022e23'],
    ] as const)
      expect([text, whole(right, text)]).toEqual([text, 'right']);
  });

  test('a tolerance is a share of the key or a distance, and a unit counts for what it is worth', () => {
    expect(mark('far', '1,6 km')?.verdict).toBe('right');
    expect(mark('far', '1.350 M')?.verdict).toBe('right');
    expect(mark('far', '1.3 km')?.verdict).toBe('wrong');
    expect(mark('far', '1500')).toMatchObject({ verdict: 'partly', points: 0.5 });
    expect(mark('far', '1500 miles')).toMatchObject({ verdict: 'wrong', why: { code: 'no-such-unit', unit: 'miles' } });
  });
});

describe('a key as its author writes it', () => {
  const none = { right: null, units: [] };
  const metres = {
    right: 5,
    units: [
      { name: 'm', worth: 1 },
      { name: 'km', worth: 1000 },
    ],
  };

  test('its unit is taken, and one that counts already is worked out', () => {
    expect(keyWritten(none, '5 km')).toEqual({ right: 5, units: [{ name: 'km', worth: 1 }] });
    expect(keyWritten(none, '50 %')).toEqual({ right: 50, units: [{ name: '%', worth: 1 }] });
    expect(keyWritten(metres, '2 km')).toEqual({ ...metres, right: 2000 });
    expect(keyWritten(metres, '7')).toEqual({ ...metres, right: 7 });
  });

  test('of two readings the one that was chosen stays, and what cannot be read changes nothing', () => {
    expect(keyWritten(none, '1,234').right).toBe(1234);
    expect(keyWritten({ ...none, right: 1.234 }, '1,234').right).toBe(1.234);
    expect(keyWritten(metres, '5*3')).toEqual(metres);
    expect(keyWritten(metres, ' ').right).toBeNull();
    expect(keyWritten(none, '6.022e23').right).toBe(6.022e23);
    expect(keyWritten(none, '10^3').right).toBe(1000);
  });
});

describe('the spread of numbers', () => {
  /** NIST/SEMATECH e-Handbook of Statistical Methods, 7.1.6 "What are outliers in the data?", 90 sorted values. */
  const handbook = [
    30, 171, 184, 201, 212, 250, 265, 270, 272, 289, 305, 306, 322, 322, 336, 346, 351, 370, 390, 404, 409, 411, 436,
    437, 439, 441, 444, 448, 451, 453, 470, 480, 482, 487, 494, 495, 499, 503, 514, 521, 522, 527, 548, 550, 559, 560,
    570, 572, 574, 578, 585, 592, 592, 607, 616, 618, 621, 629, 637, 638, 640, 656, 668, 707, 709, 719, 737, 739, 752,
    758, 766, 792, 792, 794, 802, 818, 830, 832, 843, 858, 860, 869, 918, 925, 953, 991, 1000, 1005, 1068, 1441,
  ];

  test('is that of the handbook: quartiles 429.75 and 742.25, and 1441 far out', () => {
    const spread = spreadOf(handbook);
    expect(spread).toMatchObject({
      count: 90,
      lowerQuartile: 429.75,
      median: 559.5,
      upperQuartile: 742.25,
      outliers: [1441],
    });
  });

  test('what several gave is an answer and not far outside', () => {
    const of = (...groups: readonly (readonly [number, number])[]) =>
      spreadOf(groups.flatMap(([value, times]) => Array.from({ length: times }, () => value))).outliers;
    expect(of([5, 24], [7, 6])).toEqual([]);
    expect(of([5, 29], [7, 1])).toEqual([]);
    expect(of([5, 29], [700, 1])).toEqual([700]);
    expect(of([5, 20], [6, 20], [5000, 1])).toEqual([5000]);
  });

  test('does not depend on the order of the numbers', () => {
    fc.assert(
      fc.property(fc.array(fc.integer(), { minLength: 1 }), (numbers) =>
        expect(spreadOf([...numbers].reverse())).toEqual(spreadOf(numbers)),
      ),
    );
  });

  test('numbers that can mean two things are read like the others, and what is none is listed', () => {
    const { deck } = new DeckBuilder().slide('s').item('n', 'number');
    const item = deck.items['n'];
    if (item?.kind !== 'number') throw new Error('a number');
    const works = ['1.200', '1300', '1250', 'lots'].map((text) => ({
      ...emptyWork,
      answers: { n: { kind: 'words' as const, text } },
    }));
    expect(tallyNumbers(item, works)).toMatchObject({ numbers: [1200, 1250, 1300], unread: ['lots'] });
  });
});
