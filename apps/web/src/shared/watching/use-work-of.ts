/** A participant's work, live, for whoever may look at it. */
import type { Deck } from '@gobrel/core/deck';
import type { Speaker } from '@gobrel/core/shared-doc';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { readStop, type Stop, stopsOf } from '@gobrel/core/show';
import { emptyWork, type Work } from '@gobrel/core/work';
import { useMemo } from 'react';
import { type StudentPlace, useDocument, useObserved, useStudentPlace, workReading } from '../sync';

/** What somebody has done so far, and where they are now. */
export interface WorkOf {
  readonly work: Work;
  /** What their device shows, or the slide they were on last; `null` before they were anywhere. */
  readonly stop: Stop | null;
  /** Whether a device of theirs is connected. */
  readonly isHere: boolean;
}

/** The same, with what they point at and look at closely. */
interface FollowedWork extends WorkOf {
  readonly place: Pick<StudentPlace, 'pointer' | 'zoom'>;
}

const nowhere = { pointer: null, zoom: null };

export function useWorkOf(
  lessonId: string,
  edition: Deck,
  participantId: string | null,
  speaker: Speaker = 'teacher',
): FollowedWork {
  const name = participantId === null ? null : formatDocumentName({ kind: 'work', lessonId, participantId });
  const document = useDocument(name, speaker);
  const work = useObserved(document, workReading) ?? emptyWork;
  const told = useStudentPlace(document);
  const last = work.walk.at(-1);
  const stop = useMemo(
    () =>
      readStop(edition, told?.stop) ?? (last !== undefined && edition.slides[last] ? stopsOf(edition, last)[0] : null),
    [edition, told, last],
  );
  return { work, stop, isHere: told !== null, place: told ?? nowhere };
}
