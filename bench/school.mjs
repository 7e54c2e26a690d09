// A school at work, for benchmarks: classes that join and walk, drag and answer at once, and how long it takes to the boards.
import { addItem } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import { inRounds, newDeck, newTeacher, openDocument, Visitor } from './people.mjs';

/** How many come in at once: a school's doors are only so wide. */
const AT_ONCE = 24;

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
  // Each time another walk: the same one again changes nothing, and would never arrive.
  if (round % 3 === 0) return { part: 'walk', walk: Array(round + 1).fill(slideId), seen: [slideId] };
  if (round % 3 === 1) return { part: 'pieces', id: 'piece', value: { x: 100 + round, y: 50, zoneId: null } };
  return { part: 'blanks', id: 'blank', value: `answer ${round}` };
}

/** Classes of one teacher: who shares an account matters to nobody but the limit of accounts a minute. */
async function openClasses(address, count, inClass) {
  const teacher = await newTeacher(address);
  const deckId = await makeDeck(teacher);
  const names = Array.from({ length: inClass }, (_, index) => `Student ${index}`);
  const classes = [];
  for (let at = 0; at < count; at += 1) {
    const { id: classId, students } = await teacher.ask('POST', '/classes', { name: `Class ${at}`, students: names });
    const lesson = await teacher.ask('POST', '/lessons', { deckId, classId, workMode: 'copy-each', pace: 'own-pace' });
    const edition = await teacher.ask('GET', `/lessons/${lesson.id}/edition`);
    classes.push({ lesson, students, board: teacher.socket(), slideId: Object.keys(edition.slides)[0] });
  }
  return classes;
}

/** Opens a school of classes. */
export async function openSchool({ address, classes: count, inClass }) {
  const classes = [];
  for (let left = count; left > 0; left -= 10)
    classes.push(...(await openClasses(address, Math.min(10, left), inClass)));
  const joined = [];
  const sentAt = new Map();
  let times = [];
  const sizes = [];
  return {
    /** Everybody comes in. Gives how many a second. */
    async join() {
      const doors = classes.flatMap((each) => each.students.map(({ id }) => ({ ...each, studentId: id })));
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
      return joined.length / ((performance.now() - began) / 1000);
    },
    /** The boards open everybody's work. */
    async watch() {
      for (const [at, { name, board, doc }] of joined.entries()) {
        const { doc: seen } = await openDocument(board, name, 'teacher');
        doc.on('update', (update) => sizes.push(update.length));
        seen.on('update', () => {
          const sent = sentAt.get(at);
          if (sent !== undefined) times.push(performance.now() - sent);
          sentAt.delete(at);
        });
      }
    },
    /** Everybody does something each round. Gives the times to the board in milliseconds, how many were lost, and their size. */
    async act({ rounds, every }) {
      times = [];
      sentAt.clear();
      await inRounds({ people: joined.length, rounds, every }, (at, round) => {
        sentAt.set(at, performance.now());
        writeWorkChanges(joined[at].doc, [actIn(round, joined[at].slideId)]);
      });
      const unsent = joined.reduce((sum, { provider }) => sum + provider.unsyncedChanges, 0);
      return { times, lost: sentAt.size + unsent, sizes };
    },
  };
}
