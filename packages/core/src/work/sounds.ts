/** Spoken answers apart from the work they are part of: a whole class of them is too much to send with every mark. */
import type { Work } from './work.js';

/** Stands for bytes that have to be asked for; never fits as an answer. */
export const SOUND_ELSEWHERE = '-';

/** Work without the bytes of what was spoken. */
export function withoutSounds(work: Work): Work {
  const hasSounds = Object.values(work.answers).some(({ kind }) => kind === 'sound');
  if (!hasSounds) return work;
  const answers = Object.entries(work.answers).map(([id, answer]) => [
    id,
    answer.kind === 'sound' && answer.bytes !== '' ? { ...answer, bytes: SOUND_ELSEWHERE } : answer,
  ]);
  return { ...work, answers: Object.fromEntries(answers) as Work['answers'] };
}
