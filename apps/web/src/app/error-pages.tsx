/** For addresses where nothing is, and for a screen that broke. */
import { Link, useRouteError } from 'react-router';
import { Button, buttonClasses, DeadEnd } from '../shared/ui';
import { messages } from '../shared/messages';

export function NotHere() {
  const says = messages.elsewhere;
  return (
    <DeadEnd title={says.title} text={says.text}>
      <Link to="/" className={buttonClasses('main')}>
        {says.home}
      </Link>
      <Link to="/join" className={buttonClasses()}>
        {messages.signIn.toLesson}
      </Link>
    </DeadEnd>
  );
}

export function Broken() {
  const error = useRouteError();
  console.error(error);
  const says = messages.elsewhere;
  return (
    <DeadEnd title={says.brokenTitle} text={says.broken}>
      <Button look="main" onClick={() => window.location.reload()}>
        {says.reload}
      </Button>
      {/* Loaded anew, as what broke may be what is in memory. */}
      <a href="/" className={buttonClasses()}>
        {says.home}
      </a>
      <a href="/join" className={buttonClasses()}>
        {messages.signIn.toLesson}
      </a>
    </DeadEnd>
  );
}
