import fc from 'fast-check';
import type { WordCare } from '../deck/index.js';
import { comparable, countWords, groupTexts, isAccepted, likenessTo, slipsBetween, USUAL_CARE } from './index.js';

const care = (fields: Partial<WordCare>): WordCare => ({ ...USUAL_CARE, ...fields });

/** Texts of any script, thick with spaces, signs, marks and letters whose lower case is longer. */
const anyLetters = fc
  .array(
    fc.oneof(
      fc.constantFrom(' ', '^', '`', "'", '\u0301', '\u0308', 'İ', 'ß', 'é', 'Ω', '\u2126'),
      fc.string({ unit: 'binary' }),
    ),
  )
  .map((parts) => parts.join(''));

describe('comparing words', () => {
  test('slips are letters wrong, missing, too many or swapped', () => {
    expect(slipsBetween('glasswort', 'glaswort', 2)).toBe(1);
    expect(slipsBetween('glasswort', 'galsswort', 2)).toBe(1);
    expect(slipsBetween('tide', 'tied', 1)).toBe(1);
    expect(slipsBetween('eel', 'owl', 1)).toBeNull();
    expect(slipsBetween('', '', 0)).toBe(0);
  });

  test('slips are the same both ways, nothing for the same word, and never more than allowed', () => {
    const word = fc.string({ maxLength: 8 });
    fc.assert(
      fc.property(word, word, fc.nat(4), (one, other, most) => {
        expect(slipsBetween(one, other, most)).toBe(slipsBetween(other, one, most));
        expect(slipsBetween(one, one, most)).toBe(0);
        expect(slipsBetween(one, other, most) ?? 0).toBeLessThanOrEqual(most);
      }),
    );
  });

  test('short words leave less room for slips', () => {
    expect(isAccepted('owl', ['eel'], care({ slips: 3 }))).toBe(false);
    expect(likenessTo('glaswort', ['glasswort'], care({ slips: 1 }))).toEqual({ is: 'nearly', accepted: 'glasswort' });
    expect(isAccepted('glaswort', ['glasswort'])).toBe(false);
  });

  test('no slip is taken in figures, nor one by which other words of a list are meant', () => {
    const two = care({ slips: 2 });
    expect(isAccepted('1798', ['1789'], two)).toBe(false);
    expect(isAccepted('in the yaer 1789', ['in the year 1789'], two)).toBe(true);
    expect(isAccepted('in the year 1798', ['in the year 1789'], two)).toBe(false);
    expect(isAccepted('effect', ['affect'], two, ['affect', 'effect'])).toBe(false);
    expect(isAccepted('affect', ['affect'], two, ['affect', 'effect'])).toBe(true);
    expect(isAccepted('affcet', ['affect'], two, ['affect', 'effect'])).toBe(true);
  });

  test('case and accents matter when they are meant to', () => {
    expect(isAccepted('cafe', ['Café'])).toBe(false);
    expect(isAccepted('cafe', ['Café'], care({ accentsMatter: false }))).toBe(true);
    expect(isAccepted('café', ['Café'], care({ caseMatters: true }))).toBe(false);
  });

  test('a sign that is typed by itself is no accent', () => {
    const plain = care({ accentsMatter: false });
    expect(isAccepted('x2', ['x^2'], plain)).toBe(false);
    expect(isAccepted('x^2', ['x^2'], plain)).toBe(true);
    expect(isAccepted('cafe\u0301', ['cafe'], plain)).toBe(true);
  });

  test('in a pattern, * stands for any letters and ? for one', () => {
    const byPattern = care({ patterns: true });
    expect(isAccepted('the sea lavender', ['*lavender'], byPattern)).toBe(true);
    expect(isAccepted('grey', ['gr?y'], byPattern)).toBe(true);
    expect(isAccepted('gry', ['gr?y'], byPattern)).toBe(false);
    expect(isAccepted('what*', ['what*'])).toBe(true);
    expect(isAccepted('a'.repeat(5000), ['*a*a*a*a*b'], byPattern)).toBe(false);
  });

  test('emoji and very long words are compared like any other', () => {
    expect(isAccepted(' 🦀 ', ['🦀'])).toBe(true);
    expect(isAccepted('x'.repeat(1_000_000), ['eel'], care({ slips: 3 }))).toBe(false);
  });

  test('words are comparable with themselves, whatever matters', () => {
    fc.assert(
      fc.property(anyLetters, fc.boolean(), fc.boolean(), (words, caseMatters, accentsMatter) => {
        const like = care({ caseMatters, accentsMatter });
        expect(comparable(comparable(words, like), like)).toBe(comparable(words, like));
      }),
      // As it failed once, by a sign before a space.
      { examples: [['^ !', false, false]] },
    );
  });

  test('words are counted as a teacher would', () => {
    expect(countWords("It’s a well-known saltmarsh, isn't it?")).toBe(6);
    expect(countWords(' … 🦀 ')).toBe(0);
  });
});

describe('grouping short texts', () => {
  test('one saying in many writings is one group, named by the one used most', () => {
    const groups = groupTexts(['The tide', 'the tide ', 'THE  TIDE!', 'The tide', 'wind', 'the tidee', '🦀', '']);
    expect(groups[0]).toMatchObject({ text: 'The tide', count: 5 });
    expect(groups.map(({ text }) => text)).toEqual(['The tide', 'wind', '🦀']);
  });

  test.each([
    ['symmetric', 'asymmetric'],
    ['effect', 'affect'],
    ['dog bites man', 'man bites dog'],
    ['-5', '5'],
    ['−5 degrees', '5 degrees'],
    ['in 1789', 'in 1798'],
    ['line one\nline two', 'line one'],
    ['cat', 'car'],
  ])('“%s” and “%s” are two answers', (one, other) => {
    expect(groupTexts([one, other])).toHaveLength(2);
  });

  test.each([
    ['eel and crab', 'crab, eel'],
    ['glasswort', 'glaswort'],
    ['high tide', 'high tides'],
    ['−5', '-5'],
  ])('“%s” and “%s” are one answer', (one, other) => {
    expect(groupTexts([one, other])).toMatchObject([{ count: 2 }]);
  });

  test('no text is lost, and the order of the texts does not matter', () => {
    const texts = fc.array(fc.oneof(fc.constantFrom('high tide', 'high tides', 'low tide', 'wind'), fc.string()));
    fc.assert(
      fc.property(texts, (list) => {
        const groups = groupTexts(list);
        expect(groups).toEqual(groupTexts([...list].reverse()));
        expect(groups.reduce((sum, { count }) => sum + count, 0)).toBe(
          list.filter((text) => text.trim() !== '').length,
        );
      }),
    );
  });
});
