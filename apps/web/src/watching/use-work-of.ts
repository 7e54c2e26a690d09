/** A participant's work, live, on the teacher's side. */
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { emptyWork, type Work } from '@gobrel/core/work';
import { useDocument, useObserved, useStudentPlace, workReading } from '../live';

/** What somebody has done so far, and on which slide they are now. */
export interface WorkOf {
  readonly work: Work;
  /** The slide their device shows, or the last one they were on; `null` before they were anywhere. */
  readonly at: string | null;
  /** Whether a device of theirs is connected. */
  readonly isHere: boolean;
}

export function useWorkOf(lessonId: string, participantId: string | null): WorkOf {
  const name = participantId === null ? null : formatDocumentName({ kind: 'work', lessonId, participantId });
  const document = useDocument(name, 'teacher');
  const work = useObserved(document, workReading) ?? emptyWork;
  const place = useStudentPlace(document);
  return { work, at: place ?? work.way.at(-1) ?? null, isHere: place !== null };
}
