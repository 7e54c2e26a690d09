/** Sounds and pictures apart from the work they are part of: a class of them is too much to send with every mark. */
import type { Work } from './work.js';

/** Stands for bytes that have to be asked for; never fits as an answer. */
export const SOUND_ELSEWHERE = '-';

/** Work without the bytes of what was spoken and of added pictures. */
export function withoutBytes(work: Work): Work {
  const hasSounds = Object.values(work.answers).some(({ kind }) => kind === 'sound');
  const hasPictures = Object.values(work.added).some(({ kind }) => kind === 'picture');
  if (!hasSounds && !hasPictures) return work;
  return {
    ...work,
    answers: mapValues(work.answers, (answer) =>
      answer.kind === 'sound' && answer.bytes !== '' ? { ...answer, bytes: SOUND_ELSEWHERE } : answer,
    ),
    added: mapValues(work.added, (each) => (each.kind === 'picture' ? { ...each, bytes: '' } : each)),
  };
}

function mapValues<T>(record: Readonly<Record<string, T>>, change: (value: T) => T): Readonly<Record<string, T>> {
  return Object.fromEntries(Object.entries(record).map(([id, value]) => [id, change(value)]));
}
