// A letter typed into a work document of 640 kB, until the server says that it is saved; against one in an empty document.
import { addItem } from '@gobrel/core/deck';
import { readDeckDocument, writeChanges, writeWorkChanges } from '@gobrel/core/shared-doc';
import * as Y from 'yjs';
import { newDeck, newTeacher, openDocument, quantile, Visitor } from './people.mjs';

const KILOBYTES = 640;
const LETTERS = 300;

/** Types letters, each once the one before is saved; gives what each took, in milliseconds. */
async function type({ doc, provider }) {
  const times = [];
  for (let at = 0; at < LETTERS; at += 1) {
    const began = performance.now();
    writeWorkChanges(doc, [{ part: 'blanks', id: 'blank', value: 'limpets and mussels '.slice(0, 1 + (at % 20)) }]);
    await new Promise((resolve) => {
      const saved = () => {
        if (provider.unsyncedChanges > 0) return;
        provider.off('unsyncedChanges', saved);
        resolve();
      };
      provider.on('unsyncedChanges', saved);
    });
    times.push(performance.now() - began);
  }
  return times;
}

/** Adds pictures and draws until the document has as many kilobytes: as much as all limits together let in. */
async function fill({ doc, provider }, { x, y }) {
  const place = { areaId: 'area', x: x + 10, y: y + 10, width: 90, height: 60 };
  const picture = { kind: 'picture', type: 'image/jpeg', pixels: { width: 90, height: 60 }, alt: 'a tern', credit: '' };
  for (let at = 0; at < 3; at += 1)
    writeWorkChanges(doc, [
      { part: 'added', id: `picture-${at}`, value: { ...place, ...picture, bytes: 'ABCD'.repeat(41_000) } },
    ]);
  const points = Array.from({ length: 400 }, (_, at) => (at * 37) % 900);
  for (let at = 0; Y.encodeStateAsUpdate(doc).length < KILOBYTES * 1024 && at < 150; at += 1) {
    const value = { itemId: 'area', tool: 'pen', color: '#204060', width: 4, points };
    writeWorkChanges(doc, [{ part: 'drawn', id: `${String(at).padStart(5, '0')}-x`, value }]);
  }
  while (provider.unsyncedChanges > 0) await new Promise((resolve) => setTimeout(resolve, 20));
}

/** Gives the line to print. */
export async function benchLetters(address) {
  const teacher = await newTeacher(address);
  const deckId = await newDeck(teacher, 'Letters', (doc) => {
    const slideId = Object.keys(readDeckDocument(doc).slides)[0];
    for (const [id, kind] of [
      ['blank', 'blank'],
      ['area', 'open-area'],
    ])
      writeChanges(doc, addItem(readDeckDocument(doc), { id, slideId, kind }));
  });
  const { id: classId, students } = await teacher.ask('POST', '/classes', { name: 'Two', students: ['A', 'B'] });
  const lesson = await teacher.ask('POST', '/lessons', { deckId, classId, workMode: 'copy-each', pace: 'own-pace' });
  const edition = await teacher.ask('GET', `/lessons/${lesson.id}/edition`);
  const open = async ({ id: studentId }) => {
    const student = new Visitor(address);
    const { participantId } = await student.ask('POST', '/join', { code: lesson.code, studentId, pin: '1234' });
    return openDocument(student.socket(), `work:${lesson.id}:${participantId}`, 'student');
  };
  const [empty, full] = [await open(students[0]), await open(students[1])];
  await fill(full, edition.items.area.frame);
  const size = Math.round(Y.encodeStateAsUpdate(full.doc).length / 1024);
  await type(empty);
  const [ofEmpty, ofFull] = [await type(empty), await type(full)];
  const at = (times, share) => quantile(times, share).toFixed(2);
  return (
    `a letter in a work document of ${size} kB, until it is saved: p50 ${at(ofFull, 0.5)}, p95 ${at(ofFull, 0.95)} ms` +
    ` · in an empty one: p50 ${at(ofEmpty, 0.5)}, p95 ${at(ofEmpty, 0.95)} ms` +
    ` · ratio p50 ${(quantile(ofFull, 0.5) / quantile(ofEmpty, 0.5)).toFixed(2)}`
  );
}
