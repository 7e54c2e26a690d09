/** The frame of the pages about an account: what this is on one side, a card with a form on the other. */
import type { ReactNode } from 'react';
import { Link } from 'react-router';
import { Brand, LanguageChoice, SchemeButton } from '../../app/frame';
import { DividingRoute } from '../../shared/drawings';
import { buttonClasses } from '../../shared/ui';
import { messages } from '../../shared/messages';

export function AccountPage({ children }: { children: ReactNode }) {
  return (
    <div className="dotted-ground flex min-h-full flex-col">
      <header className="flex justify-end gap-2 p-2">
        <LanguageChoice />
        <SchemeButton />
      </header>
      <main className="mx-auto grid w-full max-w-4xl flex-1 content-center gap-10 px-6 pb-20 md:grid-cols-[1fr_24rem]">
        <div className="flex flex-col justify-center gap-4">
          <div className="flex items-center gap-3">
            <Brand />
            <span className="font-display text-3xl font-bold">Gobrel</span>
          </div>
          <div className="hidden md:block">
            <DividingRoute />
          </div>
          <p className="max-w-sm text-lg">{messages.signIn.about}</p>
          <p>
            <Link to="/join" className={buttonClasses('plain')}>
              {messages.signIn.toLesson}
            </Link>
          </p>
        </div>
        <div className="rounded-md border border-edge bg-card p-6">{children}</div>
      </main>
    </div>
  );
}
