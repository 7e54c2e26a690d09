/** In the place of a lesson that cannot be had. */
import { Link } from 'react-router';
import { isRefusedAs, messageOf } from '../../shared/api';
import { RestoreButton } from '../../shared/bin';
import { buttonClasses, DeadEnd } from '../../shared/ui';
import { messages } from '../../shared/messages';

interface LessonNotOpenProps {
  readonly lessonId: string;
  readonly error: Error;
  readonly onRetry: () => void;
}

export function LessonNotOpen({ lessonId, error, onRetry }: LessonNotOpenProps) {
  const isDeleted = isRefusedAs(error, 'lesson-deleted');
  return (
    <DeadEnd title={messages.elsewhere.lessonTitle} text={messageOf(error)} onRetry={isDeleted ? undefined : onRetry}>
      {isDeleted ? <RestoreButton kind="lessons" id={lessonId} /> : null}
      <Link to="/lessons" className={buttonClasses(isDeleted ? undefined : 'main')}>
        {messages.elsewhere.toLessons}
      </Link>
    </DeadEnd>
  );
}
