/** In the place of a class that cannot be had. Its teacher can restore it here when it was deleted. */
import { Link } from 'react-router';
import { isRefusedAs, messageOf } from '../../shared/api';
import { RestoreButton } from '../../shared/bin';
import { buttonClasses, DeadEnd } from '../../shared/ui';
import { messages } from '../../shared/messages';

interface ClassNotOpenProps {
  readonly classId: string;
  /** Why; `null` when there is no such class. */
  readonly error: Error | null;
  readonly onRetry?: () => void;
}

export function ClassNotOpen({ classId, error, onRetry }: ClassNotOpenProps) {
  const isDeleted = isRefusedAs(error, 'class-deleted');
  return (
    <DeadEnd
      title={messages.elsewhere.classTitle}
      text={error ? messageOf(error) : messages.elsewhere.text}
      onRetry={isDeleted ? undefined : onRetry}
    >
      {isDeleted ? <RestoreButton kind="classes" id={classId} /> : null}
      <Link to="/classes" className={buttonClasses(isDeleted ? undefined : 'main')}>
        {messages.elsewhere.toClasses}
      </Link>
    </DeadEnd>
  );
}
