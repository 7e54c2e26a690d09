// 300 students each moving a piece once a second on one server process, and how long it takes to the teacher's page;
// against a bare WebSocket relay that passes on the same bytes.
import { once } from 'node:events';
import { addItem } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import { WebSocket, WebSocketServer } from 'ws';
import { newDeck, newTeacher, openDocument, quantile, Visitor } from './people.mjs';

const STUDENTS = 300;
const SECONDS = 12;
const pause = (milliseconds) => new Promise((resolve) => setTimeout(resolve, milliseconds));

/** Calls `move(student, count)` for each student once a second, spread over the second. */
async function everySecond(move) {
  for (let second = 0; second < SECONDS; second += 1) {
    const began = performance.now();
    for (let student = 0; student < STUDENTS; student += 1) {
      const due = began + (student * 1000) / STUDENTS;
      if (performance.now() < due) await pause(Math.max(0, due - performance.now()));
      move(student, second);
    }
    await pause(Math.max(0, began + 1000 - performance.now()));
  }
  await pause(1500);
}

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
  await everySecond((student, second) => {
    const x = 100 + second;
    sentAt.set(`${student} ${x}`, performance.now());
    writeWorkChanges(docs[student], [{ part: 'pieces', id: 'piece', value: { x, y: 50, zoneId: null } }]);
  });
  return { times, lost: sentAt.size, bytes: Math.round(quantile(sizes, 0.5)) };
}

async function throughRelay(bytes) {
  const relay = new WebSocketServer({ port: 0, host: '127.0.0.1' });
  await once(relay, 'listening');
  let teacherSide = null;
  relay.on('connection', (client, request) => {
    if (request.url === '/teacher') teacherSide = client;
    else client.on('message', (message) => teacherSide.send(message));
  });
  const address = `ws://127.0.0.1:${relay.address().port}`;
  const connect = async (path) => {
    const client = new WebSocket(address + path);
    await once(client, 'open');
    return client;
  };
  const teacher = await connect('/teacher');
  const clients = [];
  for (let student = 0; student < STUDENTS; student += 1) clients.push(await connect('/student'));
  const sentAt = new Map();
  const times = [];
  teacher.on('message', (message) => {
    const key = message.readUInt32BE(0);
    times.push(performance.now() - sentAt.get(key));
    sentAt.delete(key);
  });
  await everySecond((student, second) => {
    const message = Buffer.alloc(Math.max(4, bytes));
    const key = second * STUDENTS + student;
    message.writeUInt32BE(key, 0);
    sentAt.set(key, performance.now());
    clients[student].send(message);
  });
  for (const client of [teacher, ...clients]) client.terminate();
  relay.close();
  return { times, lost: sentAt.size };
}

/** Gives the line to print. */
export async function benchStudents(address) {
  const ours = await throughServer(address);
  const bare = await throughRelay(ours.bytes);
  const [p50, p95] = [0.5, 0.95].map((share) => quantile(ours.times, share));
  const [bare50, bare95] = [0.5, 0.95].map((share) => quantile(bare.times, share));
  return `${STUDENTS} students, a move a second each, ${SECONDS} s: p50 ${p50.toFixed(1)} ms, p95 ${p95.toFixed(1)} ms, lost ${ours.lost} of ${ours.times.length + ours.lost} · bare relay of ${ours.bytes} bytes: p50 ${bare50.toFixed(1)} ms, p95 ${bare95.toFixed(1)} ms, lost ${bare.lost} · ratio p50 ${(p50 / bare50).toFixed(1)}, p95 ${(p95 / bare95).toFixed(1)}`;
}
