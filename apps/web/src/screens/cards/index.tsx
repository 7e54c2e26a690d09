/** Printed cards of a class: everybody's name, new PIN, and the way into the lesson that runs. */
import type { NewPins } from '@gobrel/contract';
import { readableCode } from '@gobrel/contract/join-code';
import { useMutation, useQuery } from '@tanstack/react-query';
import { Printer } from 'lucide-react';
import { useEffect } from 'react';
import { useParams } from 'react-router';
import { joinAddress, useQr } from '../../handing-out';
import { ask, classesQuery, lessonsQuery, messageOf } from '../../server';
import { Button, Failing, Loading } from '../../ui';
import { words } from '../../words';

export function Screen() {
  const { classId = '' } = useParams();
  const classes = useQuery(classesQuery);
  const lessons = useQuery(lessonsQuery);
  const pins = useMutation({ mutationFn: () => ask<NewPins>('POST', `/classes/${classId}/pins`) });
  const { mutate, isIdle } = pins;
  useEffect(() => {
    // PINs are made once for the cards on this page; they cannot be asked for again.
    if (isIdle) mutate();
  }, [isIdle, mutate]);
  const schoolClass = classes.data?.find(({ id }) => id === classId);
  const code = lessons.data?.find(
    ({ closedAt, className }) => closedAt === null && className === schoolClass?.name,
  )?.code;
  const failed = classes.error ?? pins.error;
  if (failed) return <Failing message={messageOf(failed)} />;
  if (!schoolClass || !pins.data || lessons.isPending) return <Loading what={words.classes.cards} />;
  const { data } = pins;
  return (
    <main className="min-h-full bg-[#fffcf5] p-6 text-[#1d2b2a] print:p-0">
      <div className="mb-4 flex items-center justify-between print:hidden">
        <h1 className="text-2xl">{words.classes.cardOf(schoolClass.name)}</h1>
        <Button look="main" onClick={() => window.print()}>
          <Printer size={18} aria-hidden /> {words.classes.print}
        </Button>
      </div>
      <ul className="grid grid-cols-2 gap-3 sm:grid-cols-3">
        {schoolClass.students.map(({ id, name }) => (
          <li key={id} className="break-inside-avoid rounded-md border border-dashed border-[#7d735f] p-3">
            <Card name={name} className={schoolClass.name} pin={data[id] ?? ''} code={code} />
          </li>
        ))}
      </ul>
    </main>
  );
}

interface CardProps {
  readonly name: string;
  readonly className: string;
  readonly pin: string;
  readonly code: string | undefined;
}

function Card({ name, className, pin, code }: CardProps) {
  const qr = useQr(code === undefined ? new URL('/join', window.location.origin).href : joinAddress(code));
  return (
    <div className="flex items-center gap-3">
      {qr.data ? <img src={qr.data} alt={words.handOut.qr} className="size-24 flex-none" /> : null}
      <div className="min-w-0">
        <p className="text-lg font-bold leading-tight">{name}</p>
        <p className="text-sm">{className}</p>
        <p className="text-sm">
          {words.classes.cardCode}: <strong>{code === undefined ? words.classes.anyCode : readableCode(code)}</strong>
        </p>
        <p>
          {words.classes.cardPin}: <strong className="text-xl tracking-widest">{pin}</strong>
        </p>
      </div>
    </div>
  );
}
