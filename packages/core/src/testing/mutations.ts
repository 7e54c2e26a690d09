/** Files as nobody writes them: broken off, doubled, with bytes and letters that do not belong. */
import fc from 'fast-check';

/** Letters that readers have to take in their stride: none at all, halves of letters, ends of everything. */
const ODD = [
  '\0',
  '\ud83e',
  '\udd80',
  '\u2028',
  '"',
  "'",
  '<',
  '&#xD800;',
  '&',
  ']]>',
  '\r\n',
  ';',
  '\t',
  '9'.repeat(400),
];

interface Cut {
  readonly at: number;
  readonly out: number;
  readonly put: string;
}

const cuts: fc.Arbitrary<readonly Cut[]> = fc.array(
  fc.record({
    at: fc.double({ min: 0, max: 1, noNaN: true }),
    out: fc.integer({ min: 0, max: 40 }),
    put: fc.oneof(fc.constantFrom(...ODD), fc.string({ maxLength: 12 })),
  }),
  { minLength: 1, maxLength: 6 },
);

/** A text that something was done to. */
export function mutatedText(text: string): fc.Arbitrary<string> {
  return cuts.map((all) =>
    all.reduce((now, { at, out, put }) => {
      const place = Math.floor(at * now.length);
      return now.slice(0, place) + put + now.slice(place + out);
    }, text),
  );
}

/** Bytes that something was done to: some changed, or broken off. */
export function mutatedBytes(bytes: Uint8Array): fc.Arbitrary<Uint8Array> {
  const change = fc.tuple(fc.nat(Math.max(0, bytes.length - 1)), fc.nat(255));
  return fc.tuple(fc.array(change, { minLength: 1, maxLength: 12 }), fc.nat(bytes.length)).map(([changes, end]) => {
    const copy = Uint8Array.from(bytes);
    for (const [at, byte] of changes) copy[at] = byte;
    return end % 3 === 0 ? copy.subarray(0, end) : copy;
  });
}
