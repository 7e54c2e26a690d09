/** In the place of a class that cannot be had. */
import { Link } from 'react-router';
import { buttonClasses, DeadEnd } from '../../shared/ui';
import { messages } from '../../shared/messages';

interface ClassNotOpenProps {
  /** Why, and what to do. */
  readonly text: string;
  readonly onRetry?: () => void;
}

export function ClassNotOpen({ text, onRetry }: ClassNotOpenProps) {
  return (
    <DeadEnd title={messages.elsewhere.classTitle} text={text} onRetry={onRetry}>
      <Link to="/classes" className={buttonClasses('main')}>
        {messages.elsewhere.toClasses}
      </Link>
    </DeadEnd>
  );
}
