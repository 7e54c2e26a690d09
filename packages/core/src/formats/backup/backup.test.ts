/** Backups: what they hold is as their schema says, and nothing else gets in by one. */
import { sha256 } from '@noble/hashes/sha2';
import { bytesToHex } from '@noble/hashes/utils';
import { Ajv2020 } from 'ajv/dist/2020.js';
import { strToU8, type Zippable, zipSync } from 'fflate';
import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  backupSchema,
  BACKUP_FORMAT,
  BACKUP_VERSION,
  contentFile,
  deckFile,
  readBackup,
  sizeOfBeside,
} from './index.js';

const owl = strToU8('an owl, as bytes');
const owlId = bytesToHex(sha256(owl));
const marsh = new DeckBuilder('Night walk').slide('gate').item('owl', 'picture', { fields: { picture: owlId } }).deck;
const shore = new DeckBuilder('Shore zones').slide('zones').item('pool', 'zone').item('ask', 'choice').deck;
const decks = [{ deck: marsh }, { deck: shore }];

const manifest = (more: object = {}) => ({
  format: BACKUP_FORMAT,
  version: BACKUP_VERSION,
  made: '2026-11-29T11:00:00.000Z',
  decks: decks.map(({ deck }, at) => ({ file: deckFile(at), title: deck.title })),
  contents: [
    { id: owlId, kind: 'picture', file: contentFile('picture', owlId), bytes: owl.length, mediaType: 'image/png' },
  ],
  ...more,
});
const json = (value: unknown) => strToU8(JSON.stringify(value));
const zipped = (more: Zippable = {}, said: object = {}) =>
  zipSync({
    'backup.json': json(manifest(said)),
    ...Object.fromEntries(decks.map(({ deck }, at) => [deckFile(at), json(deck)])),
    [contentFile('picture', owlId)]: owl,
    ...more,
  });

test('the manifest and its decks are as the schema says, and what is not is told', () => {
  const ajv = new Ajv2020({ strict: false });
  const isManifest = ajv.compile(backupSchema);
  expect(isManifest(manifest())).toBe(true);
  expect(isManifest({ ...manifest(), version: 'one' })).toBe(false);
  const isDeck = ajv.compile({ $ref: '#/$defs/deck', $defs: backupSchema.$defs });
  for (const { deck } of decks) expect([deck.title, isDeck(deck), isDeck.errors]).toEqual([deck.title, true, null]);
  expect(isDeck({ ...decks[0]?.deck, items: { a: { id: 'a' } } })).toBe(false);
});

test('what was written is read back whole', () => {
  const read = readBackup(zipped());
  if ('fault' in read) throw new Error(read.fault);
  expect(read.decks.map(({ deck }) => deck)).toEqual(decks.map(({ deck }) => deck));
  expect(read.contents).toEqual([{ id: owlId, kind: 'picture', bytes: owl }]);
  expect(read.left).toEqual([]);
});

const kept = {
  'classes.json': [
    {
      id: 'c',
      name: '6 Heron',
      roster: { classId: 'c1', schoolId: 's' },
      students: [
        { id: 's', name: 'Noor', group: 'Terns', rosterId: 'u1' },
        { id: 't', name: '' },
      ],
    },
  ],
  'themes.json': [{ id: 't', theme: { name: 'Dunes' } }, 'no theme'],
  'templates.json': [{ name: 'Sorting', moment: 'practising', does: ['sort'], deck: marsh }, { name: 'None' }],
  'lessons/l1/lesson.json': {
    ...{ title: 'Night walk', classId: 'c', workMode: 'copy-each', terms: {}, openedAt: '2026-03-12T09:00:00Z' },
    participants: [
      { key: 's', name: 'Noor', members: [], isGuest: false, participantId: 'p' },
      { key: 'q', name: 'Guest', members: [], isGuest: true, participantId: 'q' },
      { key: 'n', name: 'Nobody', members: [], isGuest: false, participantId: null },
    ],
  },
  'lessons/l1/edition.json': marsh,
  'lessons/l1/work.json': { p: { blanks: { low: 'low' } }, q: {} },
  'lessons/l1/submissions.json': [
    {
      participantId: 'p',
      number: 1,
      submittedAt: '2026-03-12T09:30:00Z',
      takenBackAt: null,
      work: { blanks: { low: 'x' } },
    },
    { participantId: 'z', number: 1 },
  ],
  'lessons/l1/reviews.json': [{ participantId: 'p', review: { comments: [] }, releasedAt: 'never' }],
};
const lessons = [
  { folder: 'lessons/l1/', title: 'Night walk' },
  { folder: '../lessons/l1/', title: 'Not here' },
  { folder: 'lessons/gone/', title: 'Gone' },
];

test('what lies beside the decks is read: classes, lessons with who did what, themes, templates', () => {
  const files = Object.fromEntries(Object.entries(kept).map(([name, value]) => [name, json(value)]));
  const read = readBackup(zipped(files, { lessons }));
  if ('fault' in read) throw new Error(read.fault);
  const { beside } = read;
  expect(sizeOfBeside(beside)).toBe(4);
  expect(beside.classes).toEqual([
    {
      ...{ id: 'c', name: '6 Heron', roster: { classId: 'c1', schoolId: 's', termId: '' } },
      students: [{ id: 's', name: 'Noor', group: 'Terns', rosterId: 'u1' }],
    },
  ]);
  expect(beside.themes).toEqual([{ name: 'Dunes' }]);
  expect(beside.templates.map(({ name }) => name)).toEqual(['Sorting']);
  const [lesson] = beside.lessons;
  expect(lesson).toMatchObject({ title: 'Night walk', classId: 'c', openedAt: '2026-03-12T09:00:00.000Z' });
  expect(lesson?.lines).toMatchObject([
    { name: 'Noor', studentId: 's', releasedAt: null, submissions: [{ number: 1, work: { blanks: { low: 'x' } } }] },
    { name: 'Guest', studentId: null, submissions: [] },
  ]);
  const ajv = new Ajv2020({ strict: false });
  expect(ajv.validate(backupSchema, manifest({ lessons: lessons.slice(0, 1) }))).toBe(true);
  expect(ajv.validate(backupSchema, manifest({ lessons }))).toBe(false);
});

test('a backup of a lesson alone has it at the top, and no decks', () => {
  const files = Object.fromEntries(
    Object.entries(kept).flatMap(([name, value]) =>
      name.startsWith('lessons/') ? [[name.slice(11), json(value)]] : [],
    ),
  );
  const read = readBackup(zipped(files, { decks: [], lessons: [{ folder: '', title: 'Night walk' }] }));
  if ('fault' in read) throw new Error(read.fault);
  expect([read.decks.length, read.beside.lessons.length, read.beside.classes.length]).toEqual([0, 1, 0]);
});

/** A zip that says of a file in it that it is 956 MB when it is unpacked. */
function bomb(): Uint8Array {
  const bytes = zipped();
  const view = new DataView(bytes.buffer, bytes.byteOffset, bytes.byteLength);
  const at = Array.from(bytes.keys()).find(
    (place) => place + 4 < bytes.length && view.getUint32(place, true) === 0x02014b50,
  );
  view.setUint32((at ?? 0) + 24, 956_301_312, true);
  return bytes;
}

test.each([
  ['no zip', strToU8('PDF, perhaps'), 'no-backup'],
  ['another zip', zipSync({ 'imsmanifest.xml': strToU8('<manifest/>') }), 'no-backup'],
  ['one cut short', zipped().slice(0, 900), 'broken'],
  ['one of a later version', zipped({}, { version: BACKUP_VERSION + 1 }), 'newer'],
  ['one that says nothing of its decks', zipped({}, { decks: null }), 'broken'],
  ['a bomb', bomb(), 'too-large'],
])('%s is not read', (_what, bytes, fault) => {
  expect(readBackup(bytes)).toEqual({ fault });
});

test('bytes under the name of others are left, as are those that are missing; so is a deck that is none', () => {
  const gone = 'b'.repeat(64);
  const more = { contents: [...manifest().contents, { id: gone, kind: 'file' }] };
  const read = readBackup(
    zipped({ [contentFile('picture', owlId)]: strToU8('a script'), [deckFile(0)]: strToU8('{') }, more),
  );
  if ('fault' in read) throw new Error(read.fault);
  expect(read.contents).toEqual([]);
  expect(read.left).toEqual([
    { what: 'deck', name: decks[0]?.deck.title },
    { what: 'content', kind: 'picture', why: 'changed' },
    { what: 'content', kind: 'file', why: 'missing' },
  ]);
});

test('paths that lead out of it are not even unpacked', () => {
  const hostile = manifest({ decks: [{ file: '../../etc/passwd', title: 'Not here' }] });
  const read = readBackup(zipped({ '../../etc/passwd': json(decks[0]?.deck), 'backup.json': json(hostile) }));
  if ('fault' in read) throw new Error(read.fault);
  expect(read.decks).toEqual([]);
  expect(read.left).toEqual([{ what: 'deck', name: 'Not here' }]);
});

test('whatever is changed in it, it is read or told, never thrown', () => {
  const whole = zipSync({ 'backup.json': json(manifest()), [deckFile(0)]: json(decks[0]?.deck) });
  fc.assert(
    fc.property(fc.nat(whole.length - 1), fc.nat(255), (at, value) => {
      const changed = whole.slice();
      changed[at] = value;
      const read = readBackup(changed);
      expect('fault' in read || Array.isArray(read.decks)).toBe(true);
    }),
  );
});
