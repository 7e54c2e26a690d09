/** A lesson from a student's side: what it is, its edition without keys, submitting and taking back. */
import type { AnswerCheck, MyEdition, MyLessonView, MyReview, OthersWork, Signal } from '@gobrel/contract';
import { type Deck, newId, withoutKeysAndNotes } from '@gobrel/core/deck';
import {
  applaud,
  askInWriting,
  isKeyShown,
  isOver,
  isShown,
  type LessonTerms,
  mayTakeBack,
  raiseHand,
  readTerms,
} from '@gobrel/core/lesson';
import { changedAnswers, isQuestion, markWork, sumOfMarks, feedbackOnSubmitted } from '@gobrel/core/questions';
import { emptyReview, marksWith, readReview } from '@gobrel/core/review';
import { isAskedByLink } from '@gobrel/core/routes';
import { withoutBeyond } from '@gobrel/core/show';
import { changeLesson, formatDocumentName, readLessonDocument, readWorkDocument } from '@gobrel/core/shared-doc';
import { readWork, withoutBytes } from '@gobrel/core/work';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager, IsNull } from 'typeorm';
import { LessonRow, ParticipantRow, ReviewRow, SubmissionRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { EditionsService, SyncService } from '../sync/index.js';
import { AnswerChecksService } from './answer-checks.service.js';
import { ParticipantsService, submissionView } from './participants.service.js';
import { ReachedSlidesService } from './reached-slides.service.js';
import { WorkLockService } from './work-lock.service.js';

/** A participant, their lesson, and under which id their work is kept. */
interface Present {
  readonly participant: ParticipantRow;
  readonly lesson: LessonRow;
  readonly terms: LessonTerms;
  readonly workId: string;
}

@Injectable()
export class MyLessonService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly editions: EditionsService,
    private readonly sync: SyncService,
    private readonly checks: AnswerChecksService,
    private readonly participants: ParticipantsService,
    private readonly workLock: WorkLockService,
    private readonly reached: ReachedSlidesService,
  ) {}

  /** The lesson as this participant sees it. */
  async view(participantId: string): Promise<MyLessonView> {
    const { participant, lesson } = await this.find(this.database.manager, participantId);
    return this.viewOf(participant, lesson);
  }

  /** The lesson as a participant of it sees it, both as they have just been read. */
  async viewOf(participant: ParticipantRow, lesson: LessonRow): Promise<MyLessonView> {
    const { terms, workId } = present(participant, lesson);
    const [{ name, className }, members, edition, submissions, feedback, review] = await Promise.all([
      this.participants.namesOf(participant, lesson),
      this.participants.membersBeside(participant),
      this.editions.get(lesson.editionHash),
      this.submissionsOf(workId),
      this.editions.get(lesson.editionHash).then((present) => this.checks.feedbackFor(workId, present)),
      this.database.getRepository(ReviewRow).findOneBy({ participantId: workId }),
    ]);
    const standing = submissions.find((row) => row.takenBackAt === null);
    const canTakeBack = lesson.closedAt === null && mayTakeBack(terms, submissions.length, Date.now());
    const state = {
      submitted: standing !== undefined,
      released: (review?.releasedAt ?? null) !== null,
      isFinal: !canTakeBack,
    };
    // What a teacher says is seen once it is released, and not before.
    const said = state.released ? readReview(review?.review) : emptyReview;
    const marks = standing && marksWith(said, edition, readWork(standing.work));
    const seesMarks = isShown(terms.marks, state);
    const group =
      workId === participant.id ? null : await this.database.getRepository(ParticipantRow).findOneBy({ id: workId });
    const { dueAt, late, attempts, instructions, others } = terms;
    return {
      lessonId: lesson.id,
      title: edition.title,
      className,
      name,
      owner: group?.name ?? name,
      members,
      participantId: workId,
      edition: lesson.editionHash,
      workMode: lesson.workMode,
      terms: { dueAt, late, attempts, instructions, others },
      closedAt: lesson.closedAt?.toISOString() ?? null,
      held: lesson.held,
      submission: standing ? submissionView(standing, terms) : null,
      tries: submissions.length,
      mayTakeBack: canTakeBack,
      returnedAt: review?.returnedAt?.toISOString() ?? null,
      points: marks && seesMarks ? sumOfMarks(Object.values(marks.items)) : null,
      feedback:
        standing && marks && seesMarks
          ? feedbackOnSubmitted(readWork(standing.work), edition, isKeyShown(terms, state), marks)
          : standing
            ? {}
            : feedback,
      review: state.released ? this.reviewFor(review, seesMarks ? (marks ?? null) : null, submissions, edition) : null,
    };
  }

  /** The edition without answer keys and speaker notes, and without what the terms withhold. */
  async edition(participantId: string): Promise<MyEdition> {
    const { lesson, terms, workId } = await this.find(this.database.manager, participantId);
    const edition = await this.editions.get(lesson.editionHash);
    // In a class deck everybody has a page of their own, and there is no way through it.
    if (!terms.withholds || lesson.workMode === 'slide-each') return { ...withoutKeysAndNotes(edition), beyond: [] };
    const [work, shared] = await Promise.all([
      this.work(lesson.id, workId),
      this.sync.read(formatDocumentName({ kind: 'lesson', lessonId: lesson.id })),
    ]);
    const reached = await this.reached.of({ workId, edition, work, state: readLessonDocument(shared) });
    const beyond = Object.keys(edition.slides).filter((slideId) => !reached.has(slideId));
    return { ...withoutKeysAndNotes(withoutBeyond(edition, reached)), beyond };
  }

  /** The work of the others, where the terms let it be seen by now. */
  async others(participantId: string): Promise<OthersWork> {
    const { lesson, terms, workId } = await this.find(this.database.manager, participantId);
    const submitted = (await this.standing(this.database.manager, workId)) !== null;
    const review = await this.database.getRepository(ReviewRow).findOneBy({ participantId: workId });
    if (!isShown(terms.others, { submitted, released: (review?.releasedAt ?? null) !== null })) return [];
    const rows = await this.participants.list(lesson);
    const works = rows.flatMap(({ participantId: id, name, submission }) =>
      id !== null && id !== workId && submission ? [{ id, name }] : [],
    );
    return Promise.all(
      works.map(async ({ id, name }) => ({
        participantId: id,
        name,
        work: withoutBytes(await this.work(lesson.id, id)),
      })),
    );
  }

  /**
   * Whether the participant has answered something right, by their work as it is on the server. Only for what a link
   * of the edition goes by: everything else is told when the teacher wants it told. Each look at another answer is one of
   * the attempts of its question.
   */
  async check(participantId: string, itemId: string): Promise<AnswerCheck> {
    const { lesson, workId } = await this.find(this.database.manager, participantId);
    const edition = await this.editions.get(lesson.editionHash);
    if (!isAskedByLink(edition, itemId)) throw notFound('question');
    const right = await this.database.transaction(async (manager) => {
      await this.find(manager, workId, true);
      const work = await this.work(lesson.id, workId);
      return this.checks.isRight(manager, { participantId: workId, edition, work }, itemId);
    });
    return { right };
  }

  /**
   * Tells how answers stand, by the work as it is on the server. Each look at another answer is one of the attempts of
   * its question; asking again about the same one is not.
   */
  async tell(participantId: string, itemIds: readonly string[]): Promise<MyLessonView> {
    const { lesson, workId } = await this.find(this.database.manager, participantId);
    if (lesson.closedAt) throw closed();
    const edition = await this.editions.get(lesson.editionHash);
    await this.database.transaction(async (manager) => {
      await this.find(manager, workId, true);
      if (await this.standing(manager, workId)) return;
      const work = await this.work(lesson.id, workId);
      await this.checks.check(manager, { participantId: workId, edition, work }, itemIds);
    });
    return this.view(participantId);
  }

  /**
   * Submits the participant's work as it is on the server. Answers only after the transaction is committed.
   * Repeating it with the same key, or submitting twice at once, leaves one submission.
   */
  async submit(participantId: string, key: string): Promise<MyLessonView> {
    const { lesson, workId } = await this.find(this.database.manager, participantId);
    const edition = await this.editions.get(lesson.editionHash);
    await this.database.transaction(async (manager) => {
      const { lesson: locked, terms } = await this.find(manager, workId, true);
      if (await manager.existsBy(SubmissionRow, { participantId: workId, key })) return;
      if (await this.standing(manager, workId)) return;
      if (locked.closedAt) throw closed();
      if (isOver(terms, Date.now())) throw refuse(409, 'too-late');
      const work = await this.work(lesson.id, workId);
      const number = (await manager.countBy(SubmissionRow, { participantId: workId })) + 1;
      await manager.insert(SubmissionRow, {
        id: newId(),
        participantId: workId,
        number,
        key,
        work: work as object,
        marks: markWork(edition, work) as object,
        editionHash: lesson.editionHash,
        submittedAt: new Date(),
        takenBackAt: null,
      });
    });
    await this.workLock.settleOne(lesson.id, workId);
    this.workLock.tell(lesson.id);
    return this.view(participantId);
  }

  /** Takes the standing submission back, so that the student can go on. */
  async reopen(participantId: string): Promise<MyLessonView> {
    const { lesson, workId } = await this.database.transaction(async (manager) => {
      // Locked, so that a submission that is on its way is counted before or after, never between.
      const found = await this.find(manager, participantId);
      await this.find(manager, found.workId, true);
      if (found.lesson.closedAt) throw closed();
      const tries = await manager.countBy(SubmissionRow, { participantId: found.workId });
      if (!mayTakeBack(found.terms, tries, Date.now())) throw refuse(409, 'stays-submitted');
      await manager.update(
        SubmissionRow,
        { participantId: found.workId, takenBackAt: IsNull() },
        { takenBackAt: new Date() },
      );
      return found;
    });
    await this.workLock.settleOne(lesson.id, workId);
    this.workLock.tell(lesson.id);
    return this.view(participantId);
  }

  /** A hand up or down, applause, a written question: what is not allowed is passed over. */
  async signal(participantId: string, { hand, applause, question }: Signal): Promise<void> {
    const { lesson, workId } = await this.find(this.database.manager, participantId);
    if (lesson.closedAt) throw closed();
    await this.sync.change(formatDocumentName({ kind: 'lesson', lessonId: lesson.id }), (doc) => {
      if (hand !== undefined) changeLesson(doc, (state) => raiseHand(state, workId, hand));
      if (applause) changeLesson(doc, (state) => applaud(state, workId));
      if (question !== undefined)
        changeLesson(doc, (state) => askInWriting(state, { id: newId(), participantId: workId, text: question }));
    });
  }

  private reviewFor(
    review: ReviewRow | null,
    marks: MyReview['marks'],
    submissions: readonly SubmissionRow[],
    edition: Deck,
  ): MyReview {
    const [last, before] = [...submissions].sort((a, b) => b.number - a.number);
    const ids = Object.values(edition.items).flatMap((item) => (isQuestion(item) ? [item.id] : []));
    return {
      marks,
      comments: readReview(review?.review).comments,
      changed: last && before ? changedAnswers(ids, readWork(before.work), readWork(last.work), edition) : [],
    };
  }

  private async work(lessonId: string, participantId: string) {
    return readWorkDocument(await this.sync.read(formatDocumentName({ kind: 'work', lessonId, participantId })));
  }

  private submissionsOf(participantId: string): Promise<SubmissionRow[]> {
    return this.database.getRepository(SubmissionRow).find({ where: { participantId }, order: { number: 'ASC' } });
  }

  private standing(manager: EntityManager, participantId: string): Promise<SubmissionRow | null> {
    return manager.findOneBy(SubmissionRow, { participantId, takenBackAt: IsNull() });
  }

  private async find(manager: EntityManager, participantId: string, lock = false): Promise<Present> {
    const participant = await manager.findOne(ParticipantRow, {
      where: { id: participantId },
      ...(lock ? { lock: { mode: 'pessimistic_write' as const } } : {}),
    });
    const lesson = participant && (await manager.findOneBy(LessonRow, { id: participant.lessonId }));
    if (!participant || !lesson) throw notFound('lesson');
    if (lesson.deletedAt) throw refuse(410, 'lesson-deleted-by-teacher');
    return present(participant, lesson);
  }
}

function present(participant: ParticipantRow, lesson: LessonRow): Present {
  return { participant, lesson, terms: readTerms(lesson.terms), workId: participant.worksIn ?? participant.id };
}

function closed() {
  return refuse(409, 'lesson-over');
}
