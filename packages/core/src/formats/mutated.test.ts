/** Every reader of files, given what nobody meant to write: whatever it is, it is read or told, and never thrown. */
import { readFileSync } from 'node:fs';
import fc from 'fast-check';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { emptyDeck, readDeck, readRichText, readVtt, writeVtt } from '../deck/index.js';
import { readPlan, writePlan } from '../story-plan/index.js';
import { DeckBuilder } from '../testing/index.js';
import { emptyWork } from '../work/index.js';
import { BACKUP_FORMAT, BACKUP_VERSION, deckFile, readBackup } from './backup/index.js';
import { readDeckText } from './deck-file/index.js';
import { writeMarkdown, writeOutline } from './markdown/index.js';
import { readRoster } from './oneroster/index.js';
import { readPresentation } from './presentation/index.js';
import { readWorkFile, writeWorkFile } from './work-file/index.js';
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

/** So often each reader is tried; more by hand, a fifth of it for what is packed. */
const RUNS = Number(process.env['GOBREL_MUTATIONS'] ?? 300);

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
const results = writeResultsCsv({
  questions: [{ name: 'Why? 🦀', outOf: 2 }],
  rows: [{ student: 'Noor "N" Ashby', given: ['the moon'], points: [1.5] }],
});

const empty = emptyDeck('Found');
const words = { notes: 'Notes', slide: (number: number) => `Slide ${number}` };
const markdown = `${writeMarkdown(deck, words).text}\n- *a* [b](#low-water)\n\n|a|b|\n|-|-|\n|**1**|2|\n\n<!-- notes -->\n> **Notes:** x\n`;
const captions = writeVtt([{ from: 1, to: 2.5, text: 'The moon & <the> sea 🦀' }]);
const workFile = writeWorkFile({
  name: 'Ada Finch',
  title: 'Tides',
  savedAt: 1_773_000_000_000,
  work: { ...emptyWork, blanks: { 'blank-low': 'low' }, walk: ['low'], seen: ['low'] },
});
const zipOf = (files: Readonly<Record<string, string>>) =>
  zipSync(Object.fromEntries(Object.entries(files).map(([path, text]) => [path, strToU8(text)])));
const fixture = (name: string) =>
  new Uint8Array(readFileSync(new URL(`../../../../e2e/fixtures/presentations/${name}`, import.meta.url)));

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
  ['Markdown', markdown, (text) => readDeckText(text, empty)],
  ['an outline', writeOutline(deck, words).text, (text) => readDeckText(text, empty)],
  ['captions', captions, (text) => readVtt(text)],
  ['what a student did in a file', workFile, (text) => readWorkFile(text)],
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
    { numRuns: RUNS },
  );
});

test('a rich text whose letters are cut in half is whole', () => {
  const cut = (text: string) => readRichText({ content: [{ type: 'paragraph', content: [{ type: 'text', text }] }] });
  for (const text of ['\ud83e', 'a\udd80', '\ud83e\ud83e\udd80', '\0x']) isReadInPeace(() => cut(text));
  isReadInPeace(() => cut('🦀'.repeat(120_000)));
});

const manifest = { format: BACKUP_FORMAT, version: BACKUP_VERSION, decks: [{ file: deckFile(0), title: 'Tides' }] };
const packages: [name: string, bytes: Uint8Array, read: (bytes: Uint8Array) => unknown][] = [
  [
    'questions',
    writeQtiPackage(drafts, new Map()).bytes,
    (bytes) => {
      const { questions, left } = readQtiPackage(bytes);
      return [questions, left];
    },
  ],
  [
    'a school’s list',
    zipOf({
      'users.csv': 'sourcedId,givenName,familyName\nu1,Amaro,Finch\n',
      'classes.csv': 'sourcedId,title\nc1,6 Heron\n',
      'enrollments.csv': 'sourcedId,classSourcedId,userSourcedId,role\ne1,c1,u1,student\n',
    }),
    readRoster,
  ],
  [
    'a backup',
    zipOf({ 'backup.json': JSON.stringify(manifest), [deckFile(0)]: JSON.stringify(deck) }),
    (bytes) => {
      const found = readBackup(bytes);
      return 'fault' in found ? found : [found.decks, found.left];
    },
  ],
  ['a presentation of OpenDocument', fixture('tides.odp'), (bytes) => readPresentation(bytes, empty)],
  ['a presentation of Office Open XML', fixture('tides.pptx'), (bytes) => readPresentation(bytes, empty)],
];

test.each(packages)('%s in a package that something was done to, outside and inside', (_name, bytes, read) => {
  isReadInPeace(() => read(bytes));
  fc.assert(
    fc.property(mutatedBytes(bytes), (odd) => isReadInPeace(() => read(odd))),
    { numRuns: RUNS / 5 },
  );
  const files = unzipSync(bytes);
  const inside = fc
    .constantFrom(...Object.keys(files))
    .chain((name) =>
      mutatedText(strFromU8(files[name] ?? new Uint8Array())).map((text) => ({ ...files, [name]: strToU8(text) })),
    );
  fc.assert(
    fc.property(inside, (all) => isReadInPeace(() => read(zipSync(all, { level: 0 })))),
    { numRuns: RUNS / 5 },
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
