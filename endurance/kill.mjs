// The server is killed hard in mid-typing, again and again, and the devices do not come back: what it acknowledged must be
// there when it starts again.
import { writeWorkChanges } from '@gobrel/core/shared-doc';
import { openDocument, Visitor } from '../bench/people.mjs';
import { startServer } from '../scripts/e2e.mjs';
import { startThrowawayDatabase } from '../scripts/postgres.mjs';
import { freePort } from '../scripts/steps.mjs';

const STUDENTS = 8;
/** Between two letters of a student, in ms. */
const LETTER = 25;
const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** A student who types: numbers one after the other, of which `acknowledged` is the last that the server said is saved. */
async function typist(address, place) {
  const student = new Visitor(address);
  const studentId = `heron-${String(place).padStart(2, '0')}`;
  const { participantId } = await student.ask('POST', '/join', { code: 'HRNS-427', studentId, pin: '2468' });
  const socket = student.socket();
  const { doc, provider } = await openDocument(socket, `work:shore-lesson:${participantId}`, 'student');
  const typed = { participantId, written: 0, acknowledged: 0 };
  const note = () => {
    if (provider.unsyncedChanges === 0) typed.acknowledged = typed.written;
  };
  provider.on('unsyncedChanges', note);
  const from = Date.now();
  const typing = setInterval(() => {
    typed.written = Date.now() - from + 1;
    writeWorkChanges(doc, [{ part: 'blanks', id: 'blank-low', value: String(typed.written) }]);
  }, LETTER);
  return {
    typed,
    /** Goes home and takes the device along. */
    leave() {
      clearInterval(typing);
      provider.off('unsyncedChanges', note);
      provider.destroy();
      socket.destroy();
    },
  };
}

/** Kills the server so often. Gives how many students had something acknowledged, and how many of them lost it. */
export async function kill(times) {
  const database = await startThrowawayDatabase();
  const port = await freePort();
  const address = `http://127.0.0.1:${port}`;
  let acknowledged = 0;
  let lost = 0;
  let server = await startServer(database.url, port);
  try {
    for (let time = 0; time < times; time += 1) {
      const places = Array.from({ length: STUDENTS }, (_, at) => 1 + ((time * STUDENTS + at) % 20));
      const typists = await Promise.all(places.map((place) => typist(address, place)));
      await pause(200 + Math.random() * 800);
      server.removeAllListeners('exit');
      const gone = new Promise((resolve) => server.once('exit', resolve));
      server.kill('SIGKILL');
      await gone;
      for (const each of typists) each.leave();
      server = await startServer(database.url, port);
      const teacher = new Visitor(address);
      await teacher.ask('POST', '/session', { email: 'odile@marrambay.example', password: 'saltmarsh at night' });
      const marks = await teacher.ask('GET', '/lessons/shore-lesson/marks');
      for (const { typed } of typists) {
        if (typed.acknowledged === 0) continue;
        acknowledged += 1;
        const there = Number(marks[typed.participantId]?.work.blanks['blank-low'] ?? 0);
        if (there < typed.acknowledged) lost += 1;
      }
    }
  } finally {
    server.removeAllListeners('exit');
    server.kill('SIGKILL');
    database.stop();
  }
  return { acknowledged, lost };
}
