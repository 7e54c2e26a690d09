/** For addresses where nothing is, and for a screen that broke. */
import { Link, useRouteError } from 'react-router';
import { Brand } from './frame';
import { buttonClasses, Failing } from '../shared/ui';
import { words } from '../shared/messages';

export function NotHere() {
  return (
    <main className="flex flex-col items-center gap-4 p-12 text-center">
      <Brand />
      <h1 className="text-2xl">{words.elsewhere.title}</h1>
      <p>{words.elsewhere.text}</p>
      <Link to="/" className={buttonClasses('main')}>
        {words.elsewhere.home}
      </Link>
    </main>
  );
}

export function Broken() {
  const error = useRouteError();
  console.error(error);
  return (
    <main>
      <Failing message={words.elsewhere.broken} onRetry={() => window.location.reload()} />
    </main>
  );
}
