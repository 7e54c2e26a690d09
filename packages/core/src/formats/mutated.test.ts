/** Every reader of files, given what nobody meant to write: whatever it is, it is read or told, and never thrown. */
import fc from 'fast-check';
import { strFromU8, unzipSync, zipSync } from 'fflate';
import { readDeck, readRichText } from '../deck/index.js';
import { readPlan, writePlan } from '../story-plan/index.js';
import { DeckBuilder } from '../testing/index.js';
import {
  draftsOf,
  readClassList,
  readDot,
  readMermaid,
  readQtiPackage,
  readQuestionsCsv,
  readResultsCsv,
  sketchOf,
  writeDot,
  writeMermaid,
  writeQtiPackage,
  writeQuestionsCsv,
  writeResultsCsv,
} from './index.js';

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
function mutatedText(text: string): fc.Arbitrary<string> {
  return cuts.map((all) =>
    all.reduce((now, { at, out, put }) => {
      const place = Math.floor(at * now.length);
      return now.slice(0, place) + put + now.slice(place + out);
    }, text),
  );
}

/** Bytes that something was done to: some changed, or broken off. */
function mutatedBytes(bytes: Uint8Array): fc.Arbitrary<Uint8Array> {
  const change = fc.tuple(fc.nat(Math.max(0, bytes.length - 1)), fc.nat(255));
  return fc.tuple(fc.array(change, { minLength: 1, maxLength: 12 }), fc.nat(bytes.length)).map(([changes, end]) => {
    const copy = Uint8Array.from(bytes);
    for (const [at, byte] of changes) copy[at] = byte;
    return end % 3 === 0 ? copy.subarray(0, end) : copy;
  });
}

const deck = new DeckBuilder('Tides 🦀')
  .slide('low', { name: 'Low water' })
  .item('why', 'choice', {
    fields: {
      prompt: 'Why?',
      choices: [
        { id: 'a', text: 'moon' },
        { id: 'b', text: 'sun' },
      ],
      right: ['a'],
    },
  })
  .item('name', 'short-text', { fields: { prompt: 'Name one', accepted: ['crab 🦀', 'mussel'] } })
  .slide('high', { name: 'High "water"' })
  .item('far', 'number', { fields: { prompt: 'How far?', right: 12, tolerance: 1 } }).deck;
const drafts = draftsOf(deck);
const qti = writeQtiPackage(drafts, new Map()).bytes;
const results = writeResultsCsv({
  questions: [{ name: 'Why? 🦀', outOf: 2 }],
  rows: [{ student: 'Noor "N" Ashby', given: ['the moon'], points: [1.5] }],
});

/** What no database can hold, in JSON. */
const UNSTORABLE = /\\u0000|\\ud[89a-f][0-9a-f]{2}/i;
const isReadInPeace = (read: () => unknown) => expect(JSON.stringify([read()])).not.toMatch(UNSTORABLE);

const texts: [name: string, text: string, read: (text: string) => unknown][] = [
  ['a graph in DOT', writeDot(sketchOf(deck)), (text) => readDot(text)],
  ['a graph in Mermaid', writeMermaid(sketchOf(deck)), (text) => readMermaid(text)],
  ['a plan', writePlan(deck), (text) => readPlan(text)],
  ['a table of questions', writeQuestionsCsv(drafts).csv, (text) => readQuestionsCsv(text)],
  ['a table of results', results, (text) => readResultsCsv(text)],
  ['a class list', 'Name;Group\n"Ashby, Noor";Terns\nDov Kestrel 🦀;\n', (text) => readClassList(text)],
  ['a deck', JSON.stringify(deck), (text) => readDeck(jsonIn(text))],
  [
    'a rich text',
    JSON.stringify({ type: 'doc', content: [{ type: 'paragraph', content: [{ type: 'text', text: 'a 🦀' }] }] }),
    (text) => readRichText(jsonIn(text)),
  ],
];

test.each(texts)('%s that something was done to', (_name, text, read) => {
  expect(text.length).toBeGreaterThan(20);
  isReadInPeace(() => read(text));
  fc.assert(
    fc.property(mutatedText(text), (odd) => isReadInPeace(() => read(odd))),
    { numRuns: 400 },
  );
});

test('a rich text whose letters are cut in half is whole', () => {
  const cut = (text: string) => readRichText({ content: [{ type: 'paragraph', content: [{ type: 'text', text }] }] });
  for (const text of ['\ud83e', 'a\udd80', '\ud83e\ud83e\udd80', '\0x']) isReadInPeace(() => cut(text));
  isReadInPeace(() => cut('🦀'.repeat(120_000)));
});

test('a package of questions that something was done to, outside and inside', () => {
  const read = (bytes: Uint8Array) => isReadInPeace(() => readQtiPackage(bytes).left);
  fc.assert(fc.property(mutatedBytes(qti), read), { numRuns: 400 });
  const files = unzipSync(qti);
  const inside = fc
    .constantFrom(...Object.keys(files))
    .chain((name) =>
      mutatedText(strFromU8(files[name] ?? new Uint8Array())).map((text) => ({ ...files, [name]: Buffer.from(text) })),
    );
  fc.assert(
    fc.property(inside, (all) => {
      const packed = zipSync(
        Object.fromEntries(Object.entries(all).map(([name, each]) => [name, new Uint8Array(each)])),
      );
      const { questions, left } = readQtiPackage(packed);
      isReadInPeace(() => [questions, left]);
    }),
    { numRuns: 200 },
  );
});

/** JSON where it still is some, and the text itself where it is none. */
function jsonIn(text: string): unknown {
  try {
    return JSON.parse(text);
  } catch {
    return text;
  }
}
