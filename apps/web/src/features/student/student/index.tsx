/** A student at work: their own copy of the slides, filled in, kept, submitted, shown. */
import type { MyLessonView } from '@gobrel/contract';
import { withOwner } from '@gobrel/core/lesson';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useMemo } from 'react';
import { Link, Navigate } from 'react-router';
import { useDocument, useDocumentStatus, useObserved, workReading } from '../../../shared/sync';
import { type EditionHere, messageOf, myEditionQuery, myLessonQuery, Refusal } from '../../../shared/api';
import { buttonClasses, DeadEnd, Loading } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { AtWork } from './at-work';

export function Screen() {
  const lesson = useQuery(myLessonQuery);
  const edition = useQuery(myEditionQuery(lesson.data?.edition));
  const failed = lesson.error ?? edition.error;
  if (failed instanceof Refusal && [401, 403].includes(failed.problem.status)) return <Navigate to="/join" replace />;
  if (lesson.data && edition.data) return <Opening lesson={lesson.data} here={edition.data} />;
  if (failed)
    return (
      <DeadEnd
        title={messages.elsewhere.lessonTitle}
        text={messageOf(failed)}
        onRetry={() => void Promise.all([lesson.refetch(), edition.refetch()])}
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
  const isSentAway = status.kept === 'forbidden';
  useEffect(() => {
    // Their seat may be another's by now, or nobody's: the server says whose it is.
    if (isSentAway) void queries.invalidateQueries({ queryKey: myLessonQuery.queryKey });
  }, [isSentAway, queries]);
  const own = useMemo(() => withOwner(here.deck, workMode, owner), [here.deck, workMode, owner]);
  if (!document || !work || !status.ready) return <Loading what={messages.student.slides} />;
  return <AtWork lesson={lesson} edition={own} beyond={here.beyond} document={document} status={status} work={work} />;
}
