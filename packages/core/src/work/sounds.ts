/** Sounds and pictures apart from the work they are part of: a class of them is too much to send with every mark. */
import type { Work } from './work.js';

/** Stands for bytes that have to be asked for; never fits as an answer. */
export const SOUND_ELSEWHERE = '-';

/** Work without the bytes of what was spoken and of added pictures. */
export function withoutBytes(work: Work): Work {
  const hasSounds = Object.values(work.answers).some(({ kind }) => kind === 'sound');
  const hasPictures = Object.values(work.added).some(({ kind }) => kind === 'picture');
  if (!hasSounds && !hasPictures) return work;
  const added = Object.entries(work.added).map(([id, each]) => [
    id,
    each.kind === 'picture' ? { ...each, bytes: '' } : each,
  ]);
  const answers = Object.entries(work.answers).map(([id, answer]) => [
    id,
    answer.kind === 'sound' && answer.bytes !== '' ? { ...answer, bytes: SOUND_ELSEWHERE } : answer,
  ]);
  return {
    ...work,
    answers: Object.fromEntries(answers) as Work['answers'],
    added: Object.fromEntries(added) as Work['added'],
  };
}
