/** Who may read and write which shared document. */
import type { DocumentName } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, IsNull } from 'typeorm';
import type { Identity } from '../accounts/index.js';
import { DeckAuthorRow, DeckRow, LessonRow, ParticipantRow, SubmissionRow } from '../database/index.js';

/** What somebody may do with a document. */
export type DocumentAccess = 'none' | 'read' | 'write';

/** As whom a connection speaks; a browser may be signed in as both. */
export type Speaker = 'teacher' | 'student';

@Injectable()
export class DocumentAccessService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** What `identity`, speaking as `speaker`, may do with a document. */
  async accessTo(name: DocumentName, identity: Identity, speaker: Speaker): Promise<DocumentAccess> {
    const { participant } = identity;
    const teacherId = speaker === 'teacher' ? identity.teacherId : null;
    if (name.kind === 'deck') {
      if (!teacherId) return 'none';
      return (await this.mayEditDeck(teacherId, name.deckId)) ? 'write' : 'none';
    }
    if (teacherId) {
      const leads = await this.database.getRepository(LessonRow).existsBy({ id: name.lessonId, teacherId });
      if (!leads) return 'none';
      if (name.kind === 'lesson') return 'write';
      const inLesson = { id: name.participantId, lessonId: name.lessonId };
      return (await this.database.getRepository(ParticipantRow).existsBy(inLesson)) ? 'read' : 'none';
    }
    if (speaker !== 'student' || participant?.lessonId !== name.lessonId) return 'none';
    if (name.kind === 'lesson') return 'read';
    if (participant.id !== name.participantId) return 'none';
    return (await this.mayWrite(participant.id)) ? 'write' : 'read';
  }

  /** Whether a teacher owns a deck or is one of its co-authors. */
  async mayEditDeck(teacherId: string, deckId: string): Promise<boolean> {
    const deck = await this.database.getRepository(DeckRow).findOneBy({ id: deckId, deletedAt: IsNull() });
    if (!deck) return false;
    return deck.ownerId === teacherId || this.database.getRepository(DeckAuthorRow).existsBy({ deckId, teacherId });
  }

  /** Whether a participant may still change their work: the lesson is open, holds no answers, and nothing is submitted. */
  async mayWrite(participantId: string): Promise<boolean> {
    const open = await this.database
      .getRepository(ParticipantRow)
      .createQueryBuilder('participant')
      .innerJoin(
        LessonRow,
        'lesson',
        'lesson.id = participant.lessonId AND lesson.closedAt IS NULL AND NOT lesson.held',
      )
      .where('participant.id = :participantId', { participantId })
      .getExists();
    if (!open) return false;
    const standing = { participantId, takenBackAt: IsNull() };
    return !(await this.database.getRepository(SubmissionRow).existsBy(standing));
  }
}
