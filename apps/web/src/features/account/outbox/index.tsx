/** The outbox: mail that the machine would send, for whoever sits at it. */
import type { OutboxMail } from '@gobrel/contract';
import { useQuery } from '@tanstack/react-query';
import { ChevronLeft, Mail } from 'lucide-react';
import { Link } from 'react-router';
import { messageOf, outboxQuery } from '../../../shared/api';
import { buttonClasses, DeadEnd, Empty, Loading, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function Screen() {
  const says = messages.outbox;
  usePageTitle(says.title);
  const outbox = useQuery(outboxQuery);
  if (outbox.isError)
    return (
      <DeadEnd title={messages.elsewhere.title} text={messageOf(outbox.error)}>
        <Link to="/" className={buttonClasses('main')}>
          {messages.elsewhere.home}
        </Link>
      </DeadEnd>
    );
  return (
    <main className="mx-auto w-full max-w-3xl px-4 py-6">
      <Link to="/sign-in" className={buttonClasses('quiet', '-ms-3')}>
        <ChevronLeft size={18} aria-hidden /> {messages.signIn.back}
      </Link>
      <h1 className="mt-2 text-3xl">{says.title}</h1>
      <p className="mb-5 mt-1 text-soft">{says.about}</p>
      {outbox.isPending ? <Loading what={says.title} /> : null}
      {outbox.data?.length === 0 ? <Empty icon={Mail} title={says.empty} text={says.emptyText} /> : null}
      <ul className="flex flex-col gap-3">
        {outbox.data?.map((mail) => (
          <Letter key={mail.id} mail={mail} />
        ))}
      </ul>
    </main>
  );
}

function Letter({ mail: { to, subject, text, sentAt } }: { mail: OutboxMail }) {
  return (
    <li className="rounded-md border border-edge bg-card p-4">
      <h2 className="text-lg">{subject}</h2>
      <p className="text-sm text-soft">
        {messages.outbox.to({ address: to })} · {messages.outbox.at({ at: new Date(sentAt) })}
      </p>
      <p className="mt-2 whitespace-pre-line break-words">{withLinks(text)}</p>
    </li>
  );
}

/** A text with its addresses as links. */
function withLinks(text: string) {
  return text.split(/(https?:\/\/\S+)/).map((part, at) =>
    at % 2 === 1 ? (
      <a key={at} href={part} className="font-semibold text-tide underline">
        {part}
      </a>
    ) : (
      part
    ),
  );
}
