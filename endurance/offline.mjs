// A class without a network for as long as a lesson takes: everybody goes on, and all of them come back in the same moment.
import { addItem } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import { newDeck, newTeacher, openDocument, Visitor } from '../bench/people.mjs';
import { startServer, stopServer } from '../scripts/e2e.mjs';
import { startThrowawayDatabase } from '../scripts/postgres.mjs';
import { freePort, say } from '../scripts/steps.mjs';
import { pause } from './typist.mjs';

const DEVICES = 30;
/** Between two things that a student does, in ms: a number typed, a piece moved. */
const ACT = 1000;
/** How long everything may take to arrive once the network is back, in ms. */
const PATIENCE = 60_000;

async function handOut(teacher) {
  const deckId = await newDeck(teacher, 'Tides', (doc) => {
    const deck = readDeckDocument(doc);
    const [slideId] = Object.keys(deck.slides);
    writeChanges(doc, addItem(deck, { id: 'piece', slideId, kind: 'shape', loose: true }));
    writeChanges(doc, addItem(readDeckDocument(doc), { id: 'blank', slideId, kind: 'blank' }));
  });
  const students = Array.from({ length: DEVICES }, (_, at) => `Student ${at}`);
  const made = await teacher.ask('POST', '/classes', { name: 'Class', students });
  const order = { deckId, classId: made.id, workMode: 'copy-each', pace: 'own-pace' };
  return { lesson: await teacher.ask('POST', '/lessons', order), students: made.students };
}

async function comeIn(address, lesson, studentId) {
  const student = new Visitor(address);
  const { participantId } = await student.ask('POST', '/join', { code: lesson.code, studentId, pin: '1234' });
  const socket = student.socket();
  const { doc, provider } = await openDocument(socket, `work:${lesson.id}:${participantId}`, 'student');
  return { participantId, socket, doc, provider, written: 0 };
}

function act(device) {
  device.written += 1;
  const place = { x: device.written % 600, y: 50, zoneId: null };
  writeWorkChanges(device.doc, [
    device.written % 3 === 0
      ? { part: 'pieces', id: 'piece', value: place }
      : { part: 'blanks', id: 'blank', value: String(device.written) },
  ]);
}

/** @param minutes how long there is no network */
export async function offline(minutes) {
  const database = await startThrowawayDatabase({ durable: true });
  const port = await freePort();
  const address = `http://127.0.0.1:${port}`;
  const server = await startServer(database.url, port);
  try {
    const teacher = await newTeacher(address);
    const { lesson, students } = await handOut(teacher);
    const devices = [];
    for (const { id } of students) devices.push(await comeIn(address, lesson, id));
    for (const { socket } of devices) socket.disconnect();
    for (const end = Date.now() + minutes * 60_000; Date.now() < end; await pause(ACT)) devices.forEach(act);
    const back = performance.now();
    for (const { socket } of devices) void socket.connect();
    const isThere = ({ provider }) => provider.isSynced && provider.unsyncedChanges === 0;
    for (const end = Date.now() + PATIENCE; !devices.every(isThere) && Date.now() < end;) await pause(20);
    const waiting = devices.filter((device) => !isThere(device)).length;
    say(`  everything there ${Math.round(performance.now() - back)} ms after ${DEVICES} devices came back`);
    const marks = await teacher.ask('GET', `/lessons/${lesson.id}/marks`);
    const isLost = ({ participantId, doc }) => {
      const { blanks, pieces } = marks[participantId]?.work ?? { blanks: {}, pieces: {} };
      return (
        blanks.blank !== String(doc.getMap('blanks').get('blank')) ||
        pieces.piece?.x !== doc.getMap('pieces').get('piece').x
      );
    };
    const lost = devices.filter(isLost).length;
    for (const { provider, socket } of devices) {
      provider.destroy();
      socket.destroy();
    }
    return { acknowledged: DEVICES - waiting, lost, waiting };
  } finally {
    await stopServer(server);
    database.stop();
  }
}
