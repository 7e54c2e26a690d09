/** For addresses where nothing is, and for a screen that broke. */
import { Link, useRouteError } from 'react-router';
import { Brand } from './frame';
import { buttonClasses, Failing, usePageTitle } from '../shared/ui';
import { messages } from '../shared/messages';

export function NotHere() {
  usePageTitle(messages.elsewhere.title);
  return (
    <main className="flex flex-col items-center gap-4 p-12 text-center">
      <Brand />
      <h1 className="text-2xl">{messages.elsewhere.title}</h1>
      <p>{messages.elsewhere.text}</p>
      <Link to="/" className={buttonClasses('main')}>
        {messages.elsewhere.home}
      </Link>
    </main>
  );
}

export function Broken() {
  const error = useRouteError();
  console.error(error);
  return (
    <main>
      <Failing message={messages.elsewhere.broken} onRetry={() => window.location.reload()} />
    </main>
  );
}
