/** Work files that were chosen: read, and whose they are by the names in them. */
import type { ParticipantView } from '@gobrel/contract';
import { readWorkFile, type WorkFile, type WorkFileFault } from '@gobrel/core/formats';
import { folded } from '@gobrel/core/search';

/** The largest file that is read, in bytes: work is bounded, and far smaller. */
const LARGEST = 8_000_000;

/** A chosen file, read or not. */
export interface ChosenFile {
  readonly fileName: string;
  readonly read: { readonly file: WorkFile } | { readonly fault: WorkFileFault };
}

/** Reads chosen files; one that is no work says so. */
export function readChosen(files: readonly File[]): Promise<readonly ChosenFile[]> {
  return Promise.all(
    files.map(async (file) => {
      const read = file.size > LARGEST ? { fault: 'not-work' as const } : readWorkFile(await file.text());
      return { fileName: file.name, read: 'fault' in read ? read : { file: read } };
    }),
  );
}

/** The line of the board that somebody's name means; '' when none does, or more than one. */
export function keyFor(name: string, participants: readonly Pick<ParticipantView, 'key' | 'name'>[]): string {
  const sought = folded(name.trim());
  if (sought === '') return '';
  const same = participants.filter((line) => folded(line.name) === sought);
  const begun = participants.filter((line) => folded(line.name).startsWith(`${sought} `));
  const found = same.length > 0 ? same : begun;
  return found.length === 1 && found[0] ? found[0].key : '';
}
