/** Who may read and write which shared document. */
import type { AuthorRight } from '@gobrel/contract';
import { type LessonState, ON_ITS_WAY } from '@gobrel/core/lesson';
import { type DocumentName, formatDocumentName, readLessonDocument, type Speaker } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, IsNull } from 'typeorm';
import type { Identity } from '../accounts/index.js';
import { LessonRow, ParticipantRow } from '../database/index.js';
import { documentOf, UpdateLog } from './update-log.js';

/** What somebody may do with a document. */
type DocumentAccess = 'none' | 'read' | 'write';

@Injectable()
export class DocumentAccessService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly updates: UpdateLog,
  ) {}

  /**
   * What `identity`, speaking as `speaker`, may do with a document.
   * @param openState the state of a lesson that somebody has open here, `null` for any other: what is stored is older
   */
  async accessTo(
    name: DocumentName,
    identity: Identity,
    speaker: Speaker,
    openState: (name: string) => LessonState | null,
  ): Promise<DocumentAccess> {
    const { participant } = identity;
    const teacherId = speaker === 'teacher' ? identity.teacherId : null;
    if (name.kind === 'deck') {
      if (!teacherId) return 'none';
      return deckAccess[await this.deckRight(teacherId, name.deckId)];
    }
    const present = { id: name.lessonId, deletedAt: IsNull() };
    if (teacherId) {
      const leads = await this.database.getRepository(LessonRow).existsBy({ ...present, teacherId });
      if (!leads) return 'none';
      if (name.kind === 'lesson') return 'write';
      const inLesson = { id: name.participantId, lessonId: name.lessonId };
      return (await this.database.getRepository(ParticipantRow).existsBy(inLesson)) ? 'read' : 'none';
    }
    if (speaker !== 'student' || participant?.lessonId !== name.lessonId) return 'none';
    if (!(await this.database.getRepository(LessonRow).existsBy(present))) return 'none';
    if (name.kind === 'lesson') return 'read';
    if (!isOwn(name, identity)) return (await this.isShownToAll(name, openState)) ? 'read' : 'none';
    return (await this.mayWrite(name.participantId)) ? 'write' : 'read';
  }

  /** Whether work is being shown, and the others may follow on their own devices. */
  private async isShownToAll(
    name: { readonly lessonId: string; readonly participantId: string },
    openState: (name: string) => LessonState | null,
  ): Promise<boolean> {
    const lesson = formatDocumentName({ kind: 'lesson', lessonId: name.lessonId });
    const { showing, allowed } = openState(lesson) ?? (await this.storedState(lesson));
    return allowed.following && showing === name.participantId;
  }

  private async storedState(name: string): Promise<LessonState> {
    return readLessonDocument(documentOf(await this.updates.load(name)));
  }

  /** Whether a teacher owns a deck or is one of its co-authors. */
  async mayEditDeck(teacherId: string, deckId: string): Promise<boolean> {
    return (await this.deckRight(teacherId, deckId)) === 'edit';
  }

  /** What a teacher may do with a deck at this moment: their own, or one that is shared with them, a team of theirs or their school. */
  async deckRight(teacherId: string, deckId: string): Promise<AuthorRight | 'none'> {
    const rows = await this.database.query<{ may: AuthorRight }[]>(
      'SELECT may FROM deck_access WHERE deck_id = $1 AND teacher_id = $2',
      [deckId, teacherId],
    );
    if (rows.length === 0) return 'none';
    return rows.some(({ may }) => may === 'edit') ? 'edit' : 'view';
  }

  /**
   * Whether a participant may still change their work: the lesson is open and not over, holds no
   * answers, and nothing is submitted.
   */
  async mayWrite(participantId: string): Promise<boolean> {
    const open = await this.database.query<unknown[]>(
      `SELECT 1 FROM participant JOIN lesson ON lesson.id = participant.lesson_id
       WHERE participant.id = $1 AND lesson.closed_at IS NULL AND lesson.deleted_at IS NULL AND NOT lesson.held
         AND ((lesson.terms->>'dueAt') IS NULL OR (lesson.terms->>'late')::boolean
           OR (lesson.terms->>'dueAt')::float8 >= $2)
         AND NOT EXISTS (SELECT 1 FROM submission WHERE participant_id = participant.id AND taken_back_at IS NULL)`,
      [participantId, Date.now() - ON_ITS_WAY],
    );
    return open.length > 0;
  }
}

const deckAccess: Readonly<Record<AuthorRight | 'none', DocumentAccess>> = {
  none: 'none',
  view: 'read',
  edit: 'write',
};

/** Whether a work document is a student's own, or that of their group. */
export function isOwn(name: DocumentName, { participant }: Identity): boolean {
  return name.kind === 'work' && participant !== null && name.participantId === (participant.worksIn ?? participant.id);
}
