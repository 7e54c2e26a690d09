import fc from 'fast-check';
import { placeAfter, spliceAfter, spliceBetween, spliced } from './splice.js';

const texts = fc.string({ unit: 'grapheme', maxLength: 12 });

test('what changed between two texts makes one of the other, whatever they are', () => {
  fc.assert(
    fc.property(texts, texts, (before, after) => {
      expect(spliced(before, spliceBetween(before, after))).toBe(after);
    }),
  );
});

test('no letter is cut in half', () => {
  const { put, out, at } = spliceBetween('a🦀b', 'a🦞b');
  expect([at, out, put]).toEqual([1, 2, '🦞']);
  fc.assert(
    fc.property(texts, texts, (before, after) => {
      expect(spliceBetween(before, after).put).not.toMatch(/\p{Surrogate}/u);
    }),
  );
});

test('two hands that change one text at once keep everything that either put in', () => {
  fc.assert(
    fc.property(texts, texts, texts, fc.nat(12), fc.nat(12), fc.nat(12), fc.nat(12), (text, one, other, a, b, c, d) => {
      const within = (at: number) => Math.min(at, text.length);
      const mine = { at: within(a), out: within(a + b) - within(a), put: `<${one}>` };
      const theirs = { at: within(c), out: within(c + d) - within(c), put: `[${other}]` };
      const both = spliceAfter(mine, theirs).reduce(spliced, spliced(text, theirs));
      expect(both).toContain(mine.put);
      expect(both).toContain(theirs.put);
      const taken = new Set([...Array(mine.out).keys()].map((at) => mine.at + at));
      for (let at = theirs.at; at < theirs.at + theirs.out; at += 1) taken.add(at);
      expect(both).toHaveLength(text.length - taken.size + mine.put.length + theirs.put.length);
    }),
  );
});

test('a place stays where it was in the text around it', () => {
  const grown = spliceBetween('low tide', 'very low tide');
  expect(placeAfter(3, grown)).toBe(8);
  expect(placeAfter(0, spliceBetween('low tide', 'low ebb'))).toBe(0);
});
