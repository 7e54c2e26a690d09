/** A student at work: their own copy of the slides, filled in, kept, submitted, shown. */
import type { MyLessonView } from '@gobrel/contract';
import { withOwner } from '@gobrel/core/lesson';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useMemo } from 'react';
import { Link, Navigate } from 'react-router';
import { useDocument, useDocumentStatus, useObserved, useSentOut, workReading } from '../../../shared/sync';
import { type EditionHere, isRefusedAs, messageOf, myEditionQuery, myLessonQuery, Refusal } from '../../../shared/api';
import { buttonClasses, DeadEnd, Loading } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { AtWork } from './at-work';

export function Screen() {
  const lesson = useQuery(myLessonQuery);
  const edition = useQuery(myEditionQuery(lesson.data?.edition));
  const failed = lesson.error ?? edition.error;
  if (failed instanceof Refusal && [401, 403].includes(failed.problem.status)) return <Navigate to="/join" replace />;
  const isDeleted = isRefusedAs(failed, 'lesson-deleted-by-teacher');
  if (lesson.data && edition.data && !isDeleted) return <Opening lesson={lesson.data} here={edition.data} />;
  if (failed)
    return (
      <DeadEnd
        title={messages.elsewhere.lessonTitle}
        text={messageOf(failed)}
        // A document that was shut is opened again by a new page only.
        onRetry={() => (isDeleted ? window.location.reload() : void Promise.all([lesson.refetch(), edition.refetch()]))}
      >
        <Link to="/join" className={buttonClasses()}>
          {messages.elsewhere.otherCode}
        </Link>
      </DeadEnd>
    );
  return <Loading what={messages.student.slides} />;
}

function Opening({ lesson, here }: { lesson: MyLessonView; here: EditionHere }) {
  const { lessonId, participantId, workMode, owner } = lesson;
  const document = useDocument(formatDocumentName({ kind: 'work', lessonId, participantId }), 'student');
  const status = useDocumentStatus(document);
  const work = useObserved(document, workReading);
  const queries = useQueryClient();
  // Their seat may be another's by now, or nobody's, and the lesson deleted: the server says which.
  useSentOut(document, () => void queries.invalidateQueries({ queryKey: myLessonQuery.queryKey }));
  const own = useMemo(() => withOwner(here.deck, workMode, owner), [here.deck, workMode, owner]);
  if (!document || !work || !status.ready) return <Loading what={messages.student.slides} />;
  return <AtWork lesson={lesson} edition={own} beyond={here.beyond} document={document} status={status} work={work} />;
}
