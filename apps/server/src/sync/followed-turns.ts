/** Whose turn the others follow on their devices, by lesson. */
import { formatDocumentName, parseDocumentName, readLessonDocument } from '@gobrel/core/shared-doc';
import type * as Y from 'yjs';

export class FollowedTurns {
  /** The participant, by the name of the lesson's document. */
  private readonly followed = new Map<string, string>();

  /**
   * Takes note of how a lesson stands.
   * @returns the name of the work that was followed and is not any more; `null` for none
   */
  note(name: string, document: Y.Doc): string | null {
    const parsed = parseDocumentName(name);
    if (parsed?.kind !== 'lesson') return null;
    const { showing, allowed } = readLessonDocument(document);
    const now = allowed.following ? showing : null;
    const before = this.followed.get(name) ?? null;
    if (now === before) return null;
    if (now === null) this.followed.delete(name);
    else this.followed.set(name, now);
    return before && formatDocumentName({ kind: 'work', lessonId: parsed.lessonId, participantId: before });
  }
}
