/** Printed cards of a class: everybody's name, new PIN, and the way into the lesson that runs. */
import { readableCode } from '@gobrel/contract/join-code';
import { useQuery } from '@tanstack/react-query';
import { ChevronLeft, Printer } from 'lucide-react';
import { Link, useParams } from 'react-router';
import { joinAddress, madePins, useNewPins } from '../../lessons';
import { asPicture, useQrCode } from '../../../shared/qr';
import { classesQuery, lessonsQuery, messageOf } from '../../../shared/api';
import { Button, buttonClasses, Loading, usePageTitle } from '../../../shared/ui';
import { byName, messages } from '../../../shared/messages';
import { ClassNotOpen } from '../class-not-open';

export function Screen() {
  const { classId = '' } = useParams();
  const says = messages.classes;
  const classes = useQuery(classesQuery);
  const lessons = useQuery(lessonsQuery);
  const making = useNewPins(classId);
  const pins = making.data ?? madePins(classId);
  const schoolClass = classes.data?.find(({ id }) => id === classId);
  usePageTitle(schoolClass && says.cardOf({ className: schoolClass.name }));
  const code = lessons.data?.find(
    ({ closedAt, className }) => closedAt === null && className === schoolClass?.name,
  )?.code;
  if (classes.error)
    return <ClassNotOpen classId={classId} error={classes.error} onRetry={() => void classes.refetch()} />;
  if (classes.isPending || lessons.isPending) return <Loading what={says.theCards} />;
  if (!schoolClass) return <ClassNotOpen classId={classId} error={null} />;
  return (
    <main className="min-h-full bg-[#fffcf5] p-6 text-[#1d2b2a] print:p-0">
      <div className="mb-4 flex flex-wrap items-center gap-x-4 gap-y-2 print:hidden">
        <Link to="/classes" className={buttonClasses('quiet', '-ms-3 !text-inherit')}>
          <ChevronLeft size={18} aria-hidden /> {messages.frame.classes}
        </Link>
        <h1 className="me-auto text-2xl">{says.cardOf({ className: schoolClass.name })}</h1>
        {pins ? (
          <Button look="main" onClick={() => window.print()}>
            <Printer size={18} aria-hidden /> {says.print}
          </Button>
        ) : null}
      </div>
      {pins ? (
        <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3">
          {byName(schoolClass.students).map(({ id, name }) => (
            <li key={id} className="break-inside-avoid rounded-md border border-dashed border-[#7d735f] p-3">
              <Card name={name} className={schoolClass.name} pin={pins[id]} code={code} />
            </li>
          ))}
        </ul>
      ) : (
        <div className="max-w-lg">
          <p>{says.noCards}</p>
          <p className="mb-4 mt-2">{says.cardsText}</p>
          {making.error ? <p className="mb-3 text-[#9b2242]">{messageOf(making.error)}</p> : null}
          <Button look="main" disabled={making.isPending} onClick={() => making.mutate()}>
            {says.cardsAction}
          </Button>
        </div>
      )}
    </main>
  );
}

interface CardProps {
  readonly name: string;
  readonly className: string;
  /** Not known for somebody who came into the class after the PINs were made. */
  readonly pin: string | undefined;
  readonly code: string | undefined;
}

function Card({ name, className, pin, code }: CardProps) {
  const drawing = useQrCode(code === undefined ? new URL('/join', window.location.origin).href : joinAddress(code));
  return (
    <div className="flex items-center gap-3">
      {drawing ? <img src={asPicture(drawing)} alt={messages.handOut.qr} className="size-24 flex-none" /> : null}
      <div className="min-w-0">
        <p className="text-lg font-bold leading-tight">{name}</p>
        <p className="text-sm">{className}</p>
        <p className="text-sm">
          {messages.classes.cardCode}:{' '}
          <strong>{code === undefined ? messages.classes.anyCode : readableCode(code)}</strong>
        </p>
        <p>
          {messages.classes.cardPin}:{' '}
          <strong className="text-xl tracking-widest">{pin ?? messages.classes.ownPin}</strong>
        </p>
      </div>
    </div>
  );
}
