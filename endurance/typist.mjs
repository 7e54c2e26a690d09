// Students who type, for what is tried for real: what the server told them to be saved is held against what is there.
import { writeWorkChanges } from '@gobrel/core/shared-doc';
import { openDocument, Visitor } from '../bench/people.mjs';

/** Between two letters of a student, in ms. */
const LETTER = 25;

export const pause = (ms) => new Promise((resolve) => setTimeout(resolve, ms));

/** A student of the sample lesson who types numbers, one after the other: each larger than the one before. */
export async function typist(address, place) {
  const student = new Visitor(address);
  const studentId = `heron-${String(place).padStart(2, '0')}`;
  const { participantId } = await student.ask('POST', '/join', { code: 'HRNS-427', studentId, pin: '2468' });
  const socket = student.socket();
  const { doc, provider } = await openDocument(socket, `work:shore-lesson:${participantId}`, 'student');
  const typed = { participantId, written: 0, acknowledged: 0 };
  const note = () => {
    if (provider.unsyncedChanges === 0 && provider.isSynced) typed.acknowledged = typed.written;
  };
  provider.on('unsyncedChanges', note);
  const from = Date.now();
  const type = () => {
    typed.written = Date.now() - from + 1;
    writeWorkChanges(doc, [{ part: 'blanks', id: 'blank-low', value: String(typed.written) }]);
  };
  const typing = setInterval(type, LETTER);
  return {
    typed,
    /** Types no more; resolves once everything is acknowledged, or after `patience` ms. */
    async finish(patience) {
      clearInterval(typing);
      for (const end = Date.now() + patience; provider.unsyncedChanges > 0 && Date.now() < end;) await pause(20);
    },
    /** Goes home and takes the device along. */
    leave() {
      clearInterval(typing);
      provider.off('unsyncedChanges', note);
      provider.destroy();
      socket.destroy();
    },
  };
}

/** What is there of what some students typed: how many had something acknowledged, and how many of them lost it. */
export async function lookWhatIsThere(address, all) {
  const teacher = new Visitor(address);
  await teacher.ask('POST', '/session', { email: 'odile@marrambay.example', password: 'saltmarsh at night' });
  const marks = await teacher.ask('GET', '/lessons/shore-lesson/marks');
  const had = all.filter(({ typed }) => typed.acknowledged > 0);
  const isLost = ({ typed }) => Number(marks[typed.participantId]?.work.blanks['blank-low'] ?? 0) < typed.acknowledged;
  return { acknowledged: had.length, lost: had.filter(isLost).length };
}

/** How many wait in vain for something to be acknowledged, of those who may write: some have submitted already. */
export function waitingInVain(all) {
  return all.filter(({ typed }) => typed.acknowledged > 0 && typed.acknowledged < typed.written).length;
}
