// 300 students each moving a piece once a second on one server process, and how long it takes to the teacher's page;
// against a bare WebSocket relay that passes on the same bytes.
import { addItem } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import { inRounds, newDeck, newTeacher, openDocument, quantile, Visitor } from './people.mjs';
import { throughRelay } from './relay.mjs';

const STUDENTS = 300;
const SECONDS = 12;

async function throughServer(address) {
  const teacher = await newTeacher(address);
  const deckId = await newDeck(teacher, 'Pieces', (doc) => {
    const deck = readDeckDocument(doc);
    const slideId = Object.keys(deck.slides)[0];
    writeChanges(doc, addItem(deck, { id: 'piece', slideId, kind: 'shape', loose: true }));
  });
  const names = Array.from({ length: STUDENTS }, (_, index) => `Student ${index}`);
  const { id: classId, students } = await teacher.ask('POST', '/classes', { name: 'Three hundred', students: names });
  const lesson = await teacher.ask('POST', '/lessons', { deckId, classId, workMode: 'copy-each', pace: 'own-pace' });
  const watching = teacher.socket();
  const sentAt = new Map();
  const times = [];
  const docs = [];
  const sizes = [];
  const bringIn = async ({ id: studentId }, index) => {
    const student = new Visitor(address);
    const { participantId } = await student.ask('POST', '/join', { code: lesson.code, studentId, pin: '1234' });
    const name = `work:${lesson.id}:${participantId}`;
    const mine = await openDocument(student.socket(), name, 'student');
    mine.doc.on('update', (update) => sizes.push(update.length));
    docs[index] = mine.doc;
    const { doc } = await openDocument(watching, name, 'teacher');
    doc.getMap('pieces').observe(() => {
      const key = `${index} ${doc.getMap('pieces').get('piece').x}`;
      if (!sentAt.has(key)) return;
      times.push(performance.now() - sentAt.get(key));
      sentAt.delete(key);
    });
  };
  for (let first = 0; first < STUDENTS; first += 12) {
    await Promise.all(students.slice(first, first + 12).map((student, at) => bringIn(student, first + at)));
  }
  await inRounds({ people: STUDENTS, rounds: SECONDS, every: 1000 }, (student, second) => {
    const x = 100 + second;
    sentAt.set(`${student} ${x}`, performance.now());
    writeWorkChanges(docs[student], [{ part: 'pieces', id: 'piece', value: { x, y: 50, zoneId: null } }]);
  });
  return { times, lost: sentAt.size, bytes: Math.round(quantile(sizes, 0.5)) };
}

/** Gives the line to print. */
export async function benchStudents(address) {
  const ours = await throughServer(address);
  const bare = await throughRelay(ours.bytes, { people: STUDENTS, rounds: SECONDS, every: 1000 });
  const [p50, p95] = [0.5, 0.95].map((share) => quantile(ours.times, share));
  const [bare50, bare95] = [0.5, 0.95].map((share) => quantile(bare.times, share));
  return `${STUDENTS} students, a move a second each, ${SECONDS} s: p50 ${p50.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms, lost ${ours.lost} of ${ours.times.length + ours.lost} · bare relay of ${ours.bytes} bytes: p50 ${bare50.toFixed(1)} ms, p95 ${bare95.toFixed(1)} ms, lost ${bare.lost} · ratio p50 ${(p50 / bare50).toFixed(1)}, p95 ${(p95 / bare95).toFixed(1)}`;
}
