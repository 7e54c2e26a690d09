/** The frame of a teacher's screens outside the editor: places to go, and who is signed in. */
import { useQuery } from '@tanstack/react-query';
import { CircleUser, LogOut } from 'lucide-react';
import type { ReactNode } from 'react';
import { Link, NavLink } from 'react-router';
import { sessionQuery } from '../../shared/api';
import { IconButton } from '../../shared/ui';
import { messages } from '../../shared/messages';
import { Brand } from './brand';
import { LanguageChoice } from './language-choice';
import { LeavingDialog } from './leaving-dialog';
import { SchemeButton } from './scheme-button';
import { useLeaving } from './use-leaving';

const places = [
  { to: '/', name: messages.frame.library },
  { to: '/lessons', name: messages.frame.lessons },
  { to: '/classes', name: messages.frame.classes },
];

interface TeacherPageProps {
  readonly children: ReactNode;
  /** What is begun from here, beside the places to go. */
  readonly actions?: ReactNode;
  /** Whether the page fills the whole width, with its own edges. */
  readonly fills?: boolean;
}

export function TeacherPage({ children, actions, fills = false }: TeacherPageProps) {
  const session = useQuery(sessionQuery);
  // A page loaded anew holds nothing of who was here before, what they copied included.
  const leaving = useLeaving('teacher', () => window.location.assign('/sign-in'));
  return (
    <div className="flex min-h-full flex-col">
      <header className="flex flex-wrap items-center gap-x-1 border-b border-rule px-2 sm:gap-x-6 sm:px-4">
        <Link to="/" aria-label={messages.frame.home} className="py-2">
          <Brand />
        </Link>
        <nav aria-label={messages.frame.places} className="flex sm:gap-1">
          {places.map((place) => (
            <NavLink
              key={place.to}
              to={place.to}
              end={place.to === '/'}
              className={({ isActive }) =>
                `inline-flex min-h-13 items-center border-b-[3px] px-1.5 font-semibold sm:px-3 ${isActive ? 'border-ink' : 'border-transparent text-soft hover:text-ink'}`
              }
            >
              {place.name}
            </NavLink>
          ))}
        </nav>
        {/* On a phone they stand in a row of their own, below the places to go. */}
        {actions ? <div className="ms-auto max-sm:order-last max-sm:basis-full max-sm:pb-2">{actions}</div> : null}
        <div className={`flex items-center gap-1 ${actions ? 'max-sm:ms-auto' : 'ms-auto'}`}>
          <Link
            to="/account"
            aria-label={messages.frame.accountOf({ name: session.data?.teacher?.name ?? '' })}
            className="inline-flex min-h-control items-center rounded-md px-2 hover:bg-rule/50"
          >
            <span className="hidden sm:inline">{session.data?.teacher?.name}</span>
            <CircleUser size={20} aria-hidden className="sm:hidden" />
          </Link>
          {/* On a phone it is chosen where one signs in. */}
          <span className="hidden sm:block">
            <LanguageChoice inAccount />
          </span>
          <SchemeButton />
          <IconButton name={messages.frame.signOut} onClick={() => void leaving.leave()}>
            <LogOut size={20} aria-hidden />
          </IconButton>
        </div>
      </header>
      {leaving.asked === null ? null : (
        <LeavingDialog unsaved={leaving.asked} onLeave={() => void leaving.leaveAnyway()} onStay={leaving.stay} />
      )}
      <main className={fills ? 'flex flex-1 flex-col' : 'mx-auto w-full max-w-6xl flex-1 px-4 py-6'}>{children}</main>
    </div>
  );
}
