/** In the place of a lesson that cannot be had. */
import { Link } from 'react-router';
import { messageOf } from '../../shared/api';
import { buttonClasses, DeadEnd } from '../../shared/ui';
import { messages } from '../../shared/messages';

interface LessonNotOpenProps {
  readonly error: Error;
  readonly onRetry: () => void;
}

export function LessonNotOpen({ error, onRetry }: LessonNotOpenProps) {
  return (
    <DeadEnd title={messages.elsewhere.lessonTitle} text={messageOf(error)} onRetry={onRetry}>
      <Link to="/lessons" className={buttonClasses('main')}>
        {messages.elsewhere.toLessons}
      </Link>
    </DeadEnd>
  );
}
