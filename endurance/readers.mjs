// Every reader of files, given what nobody meant to write, guided by what of its code has run: an input that comes to a
// place where none was before is kept, and changed further. No fuzzer that is kept up runs on Debian 12 from npm alone
// (docs/standing-firm.md), so the covering is asked of the engine itself, by Node's inspector.
import { readdirSync, readFileSync } from 'node:fs';
import { Session } from 'node:inspector/promises';
import { join } from 'node:path';
import { strFromU8, strToU8, unzipSync, zipSync } from 'fflate';
import { emptyDeck, readDeck, readRichText, readVtt, writeVtt } from '@gobrel/core/deck';
import {
  readClassList,
  readDeckText,
  readPresentation,
  readQtiPackage,
  readQuestionsCsv,
  readResultsCsv,
  readRoster,
  writeQtiPackage,
} from '@gobrel/core/formats';
import { readPlan } from '@gobrel/core/story-plan';
import { root } from '../scripts/steps.mjs';

/** Longer than this a reader may not take, in milliseconds. */
const LONGEST = 1000;
/** How often it is asked what has run: asking takes longer than most readers do. */
const ASKED_EVERY = 8;
const ODD = [
  '\0',
  '\ud83e',
  '\u2028',
  '"',
  '<',
  '>',
  '&#xD800;',
  '&',
  ']]>',
  '\r\n',
  ';',
  '\t',
  '9'.repeat(400),
  '-1',
  '1e999',
  '{',
  '[',
  '(',
  '\\',
  '../',
  ' '.repeat(64),
];

const folder = join(root, 'e2e/fixtures/presentations');
const fixtures = (ending) =>
  readdirSync(folder)
    .filter((name) => name.endsWith(ending))
    .map((name) => new Uint8Array(readFileSync(join(folder, name))))
    .filter(({ length }) => length < 200_000);
const zipOf = (files) =>
  zipSync(Object.fromEntries(Object.entries(files).map(([path, text]) => [path, strToU8(text)])));
const text = (bytes) => strFromU8(bytes);
const json = (bytes) => {
  try {
    return JSON.parse(text(bytes));
  } catch {
    return text(bytes);
  }
};
const empty = emptyDeck('Found');
const aDeck = strToU8(JSON.stringify(readDeckText('# A\n\n- *b* [c](#a)\n', empty).deck));

/** What is read, from what it starts, and by what. */
const readers = [
  ['presentations of OpenDocument', fixtures('.odp'), (bytes) => readPresentation(bytes, empty)],
  ['presentations of Office Open XML', fixtures('.pptx'), (bytes) => readPresentation(bytes, empty)],
  [
    'texts of decks',
    [
      ...fixtures('.md'),
      ...fixtures('.txt'),
      strToU8('1. Gate\nDusk.\n- Go on → Hide\n\n2. Hide\nDark.\n'),
      strToU8('digraph walk { Gate -> Hide [label="on"] }'),
      strToU8('flowchart TD\n  a[Gate] -->|on| b[Hide]\n'),
    ],
    (bytes) => readDeckText(text(bytes), empty),
  ],
  ['plans', [strToU8('# Gate\n- on -> 2\n# 2. Hide\n- home (end)\n')], (bytes) => readPlan(text(bytes))],
  [
    'class lists and tables',
    [strToU8('Name;Group\n"Ashby, Noor";Terns\n'), strToU8('kind,question,points,right\nnumber,How many?,1,7\n')],
    (bytes) => [readClassList(text(bytes)), readQuestionsCsv(text(bytes)), readResultsCsv(text(bytes))],
  ],
  [
    'lists of schools',
    [
      zipOf({
        'users.csv': 'sourcedId,givenName,familyName\nu1,Amaro,Finch\n',
        'classes.csv': 'sourcedId,title\nc1,6 Heron\n',
        'enrollments.csv': 'sourcedId,classSourcedId,userSourcedId,role\ne1,c1,u1,student\n',
      }),
    ],
    readRoster,
  ],
  [
    'packages of questions',
    [writeQtiPackage(readQuestionsCsv('kind,question,points,right\nnumber,How many?,1,7\n').drafts, new Map()).bytes],
    (bytes) => readQtiPackage(bytes).left,
  ],
  [
    'captions',
    [strToU8(writeVtt([{ from: 1, to: 2, text: 'The moon & <the> sea' }]))],
    (bytes) => readVtt(text(bytes)),
  ],
  ['decks', [aDeck], (bytes) => [readDeck(json(bytes)), readRichText(json(bytes))]],
];

const pick = (all) => all[Math.floor(Math.random() * all.length)];

/** Some bytes changed, taken out, doubled, or something odd put in. */
function changed(bytes) {
  let now = bytes;
  for (let times = 1 + Math.floor(Math.random() * 4); times > 0; times -= 1) {
    const at = Math.floor(Math.random() * (now.length + 1));
    const end = Math.min(now.length, at + Math.floor(Math.random() * 40));
    const put = [
      strToU8(pick(ODD)),
      new Uint8Array([Math.floor(Math.random() * 256)]),
      now.subarray(at, end),
      new Uint8Array(),
    ];
    now = Buffer.concat([now.subarray(0, at), pick(put), now.subarray(Math.random() < 0.5 ? at : end)]);
  }
  return new Uint8Array(now.subarray(0, 400_000));
}

/** The same, inside of a package as often as outside. */
function mutated(bytes) {
  if (bytes[0] !== 0x50 || bytes[1] !== 0x4b || Math.random() < 0.3) return changed(bytes);
  try {
    const files = unzipSync(bytes);
    const path = pick(Object.keys(files));
    return zipSync({ ...files, [path]: changed(files[path]) }, { level: 0 });
  } catch {
    return changed(bytes);
  }
}

/** Tries each reader so often. Gives how many inputs were tried, what was thrown, and the slowest, in milliseconds. */
export async function tryReaders(times) {
  const session = new Session();
  session.connect();
  await session.post('Profiler.enable');
  await session.post('Profiler.startPreciseCoverage', { callCount: true, detailed: true });
  const found = [];
  let tried = 0;
  for (const [name, seeds, read] of readers) {
    const seen = new Map();
    const corpus = [...seeds];
    let slowest = 0;
    let waiting = [];
    for (let time = 0; time < times; time += 1) {
      const input = time < seeds.length ? seeds[time] : mutated(pick(corpus));
      const began = performance.now();
      try {
        read(input);
      } catch (error) {
        found.push({
          name,
          what: String(error?.stack ?? error).slice(0, 600),
          input: Buffer.from(input).toString('base64').slice(0, 4000),
        });
      }
      const took = performance.now() - began;
      slowest = Math.max(slowest, took);
      if (took > LONGEST)
        found.push({
          name,
          what: `took ${Math.round(took)} ms`,
          input: Buffer.from(input).toString('base64').slice(0, 4000),
        });
      tried += 1;
      waiting.push(input);
      if (waiting.length < ASKED_EVERY) continue;
      if (await coversMore(session, seen)) corpus.push(...waiting);
      waiting = [];
    }
    console.log(
      `  ${name}: ${seen.size} functions, ${[...seen.values()].flat().length} parts of them never run, ${corpus.length} inputs kept of ${times}, slowest ${Math.round(slowest)} ms`,
    );
  }
  session.disconnect();
  return { tried, found };
}

/**
 * Whether something of our readers has run since it was last asked that had not before: a function, or a part of one that
 * was always passed over. `seen` holds each function with the parts that are still passed over.
 */
async function coversMore(session, seen) {
  const { result } = await session.post('Profiler.takePreciseCoverage');
  let isMore = false;
  for (const { url, functions } of result) {
    if (!url.includes('/packages/core/dist/')) continue;
    for (const { ranges } of functions) {
      const [whole, ...parts] = ranges;
      if (whole.count === 0) continue;
      const key = `${url}:${whole.startOffset}`;
      const passedOver = parts.filter(({ count }) => count === 0);
      const open = seen.get(key);
      const left = (open ?? passedOver).filter((part) =>
        passedOver.some(({ startOffset, endOffset }) => startOffset <= part.startOffset && part.endOffset <= endOffset),
      );
      if (!open || left.length < open.length) isMore = true;
      seen.set(key, left);
    }
  }
  return isMore;
}
