// A school at work: 40 classes of 30 that join, walk, drag and answer at once on one server process, and how long an
// answer takes to the teacher's board; against a bare WebSocket relay that passes on messages of the same size.
import { readdirSync, readFileSync } from 'node:fs';
import { addItem } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import { inRounds, newDeck, newTeacher, openDocument, quantile, Visitor } from './people.mjs';
import { throughRelay } from './relay.mjs';

const CLASSES = 40;
const IN_CLASS = 30;
const ROUNDS = 6;
/** Everybody does something once in so many milliseconds. */
const EVERY = 2000;
/** How many come in at once: a school's doors are only so wide. */
const AT_ONCE = 24;

/** The memory that the server at an address holds, in bytes; `null` where that cannot be read. */
function memoryOf(address) {
  const port = new URL(address).port;
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const isServer =
        readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('server/dist/main.js') &&
        readFileSync(`/proc/${pid}/environ`, 'utf8').split('\0').includes(`PORT=${port}`);
      if (!isServer) continue;
      const [, kilobytes] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? [];
      return Number(kilobytes) * 1024;
    } catch {
      // A process that has just ended, or is somebody else's.
    }
  }
  return null;
}

/** A deck with something to walk, drag and answer. */
function makeDeck(teacher) {
  return newDeck(teacher, 'A lesson', (doc) => {
    const deck = readDeckDocument(doc);
    const slideId = Object.keys(deck.slides)[0];
    writeChanges(doc, addItem(deck, { id: 'piece', slideId, kind: 'shape', loose: true }));
    writeChanges(doc, addItem(readDeckDocument(doc), { id: 'blank', slideId, kind: 'blank' }));
  });
}

/** What a student does in a round: walk, drag, answer, each in its turn. */
function actIn(round, slideId) {
  if (round % 3 === 0) return { part: 'walk', walk: [slideId], seen: [slideId] };
  if (round % 3 === 1) return { part: 'pieces', id: 'piece', value: { x: 100 + round, y: 50, zoneId: null } };
  return { part: 'blanks', id: 'blank', value: `answer ${round}` };
}

async function openClass(address, at) {
  const teacher = await newTeacher(address);
  const deckId = await makeDeck(teacher);
  const names = Array.from({ length: IN_CLASS }, (_, index) => `Student ${index}`);
  const { id: classId, students } = await teacher.ask('POST', '/classes', { name: `Class ${at}`, students: names });
  const lesson = await teacher.ask('POST', '/lessons', { deckId, classId, workMode: 'copy-each', pace: 'own-pace' });
  const edition = await teacher.ask('GET', `/lessons/${lesson.id}/edition`);
  return { lesson, students, board: teacher.socket(), slideId: Object.keys(edition.slides)[0] };
}

async function joinAll(address, classes) {
  const doors = classes.flatMap((each) => each.students.map(({ id }) => ({ ...each, studentId: id })));
  const joined = [];
  const began = performance.now();
  await Promise.all(
    Array.from({ length: AT_ONCE }, async () => {
      for (let next = doors.pop(); next; next = doors.pop()) {
        const student = new Visitor(address);
        const { lesson, studentId, board, slideId } = next;
        const { participantId } = await student.ask('POST', '/join', { code: lesson.code, studentId, pin: '1234' });
        const name = `work:${lesson.id}:${participantId}`;
        const { doc, provider } = await openDocument(student.socket(), name, 'student');
        joined.push({ doc, provider, name, board, slideId });
      }
    }),
  );
  return { joined, seconds: (performance.now() - began) / 1000 };
}

/** Measures; gives the lines to print. */
export async function benchClasses(address) {
  const classes = [];
  for (let at = 0; at < CLASSES; at += 1) classes.push(await openClass(address, at));
  const before = memoryOf(address);
  const { joined, seconds } = await joinAll(address, classes);
  const after = memoryOf(address);
  const sentAt = new Map();
  const times = [];
  const sizes = [];
  for (const [at, { name, board, doc }] of joined.entries()) {
    const { doc: seen } = await openDocument(board, name, 'teacher');
    doc.on('update', (update) => sizes.push(update.length));
    seen.on('update', () => {
      const sent = sentAt.get(at);
      if (sent !== undefined) times.push(performance.now() - sent);
      sentAt.delete(at);
    });
  }
  const rounds = { people: joined.length, rounds: ROUNDS, every: EVERY };
  await inRounds(rounds, (at, round) => {
    sentAt.set(at, performance.now());
    writeWorkChanges(joined[at].doc, [actIn(round, joined[at].slideId)]);
  });
  const unsent = joined.reduce((sum, { provider }) => sum + provider.unsyncedChanges, 0);
  const { times: relay } = await throughRelay(Math.round(quantile(sizes, 0.5)), rounds);
  const of = (numbers, share) => quantile(numbers, share).toFixed(1);
  const memory =
    before === null || after === null ? 'not known' : `${Math.round((after - before) / joined.length / 1024)} kB`;
  return [
    `${CLASSES} classes of ${IN_CLASS}, each student something every ${EVERY / 1000} s: to the board`,
    `p50 ${of(times, 0.5)}, p95 ${of(times, 0.95)} ms against ${of(relay, 0.5)}, ${of(relay, 0.95)} of the bare relay`,
    `(p95 ${(quantile(times, 0.95) / quantile(relay, 0.95)).toFixed(1)} x); lost ${sentAt.size + unsent};`,
    `${(joined.length / seconds).toFixed(1)} joins a second; ${memory} of memory a student`,
  ].join(' ');
}
