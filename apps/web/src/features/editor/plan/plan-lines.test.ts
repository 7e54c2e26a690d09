/** A plan by its lines. */
import fc from 'fast-check';
import { lineAt, passageAt, piecesByFaults, reachOfLine } from './plan-lines';

const text = fc
  .array(fc.constantFrom('# Gate', '- On', '', 'Dusk.'), { maxLength: 12 })
  .map((lines) => lines.join('\n'));

test('every place of a text is in the line that reaches over it', () => {
  fc.assert(
    fc.property(text, fc.nat(), (plan, wherever) => {
      const place = wherever % (plan.length + 1);
      const { start, end } = reachOfLine(plan, lineAt(plan, place));
      expect(start <= place && place <= end).toBe(true);
      expect(plan.slice(start, end)).toBe(plan.split('\n')[lineAt(plan, place) - 1]);
    }),
  );
});

test('the pieces of a plan make it up again, and each faulty one is its line', () => {
  fc.assert(
    fc.property(text, fc.array(fc.integer({ min: 1, max: 14 })), (plan, faulty) => {
      const pieces = piecesByFaults(plan, faulty);
      expect(pieces.map((piece) => piece.text).join('')).toBe(plan);
      for (const piece of pieces)
        if (piece.faulty !== null) expect(piece.text).toBe(plan.split('\n')[piece.faulty - 1]);
    }),
  );
});

test('every faulty line with letters in it is marked, once', () => {
  const marked = piecesByFaults('# Gate\n- On -> ?\n\n- Off', [4, 2, 2, 3, 9]);
  expect(marked.filter(({ faulty }) => faulty !== null)).toEqual([
    { text: '- On -> ?', faulty: 2 },
    { text: '- Off', faulty: 4 },
  ]);
});

test('a line belongs to the passage that began before it', () => {
  expect([1, 2, 4, 5, 9].map((line) => passageAt([2, 5], line))).toEqual([0, 0, 0, 1, 1]);
  expect(passageAt([], 3)).toBe(0);
});
