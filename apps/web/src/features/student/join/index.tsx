/** Coming into a lesson: the code, one's name, a PIN. */
import type { JoinView, MyLessonView } from '@gobrel/contract';
import { plainCode, readableCode } from '@gobrel/contract/join-code';
import { purposeOfGuest } from '@gobrel/contract/purposes';
import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { useEffect, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { prefetchStudentScreen } from '../../../app/prefetch';
import { Brand, LanguageChoice, LeavingDialog, SchemeButton, useLeaving } from '../../../app/frame';
import { forgetConnection, forgetWhatIsSaved } from '../../../shared/sync';
import { ask, askPaying, joinQuery, messageOf, myLessonQuery, Refusal, waitingQuery } from '../../../shared/api';
import { ThroughSchool, Trouble } from '../../../shared/sign-in';
import { Button, buttonClasses, Field, Loading, showToast, usePageTitle } from '../../../shared/ui';
import { byName, messages } from '../../../shared/messages';

type Student = JoinView['students'][number];

export function Screen() {
  const { code = '' } = useParams();
  const lesson = useQuery(joinQuery(plainCode(code)));
  usePageTitle(lesson.data?.title ?? messages.join.title);
  const mine = useQuery({ ...myLessonQuery, retry: false });
  // What was known of the lesson stays, also when the server does not let them in any more.
  const isSignedOut = mine.error instanceof Refusal && [401, 403].includes(mine.error.problem.status);
  const [student, setStudent] = useState<Student | null>(null);
  const [search] = useSearchParams();
  const waiting = useQuery({ ...waitingQuery, enabled: search.has('waits') });
  useEffect(prefetchStudentScreen, []);
  const queries = useQueryClient();
  const leaving = useLeaving('student', () => {
    queries.removeQueries({ queryKey: ['my-lesson'] });
    void mine.refetch();
  });
  return (
    <div className="dotted-ground flex min-h-full flex-col">
      <header className="flex items-center justify-between px-4 py-2">
        <Brand />
        <span className="flex items-center gap-2">
          <LanguageChoice />
          <SchemeButton />
        </span>
      </header>
      <main className="mx-auto w-full max-w-2xl flex-1 px-4 pb-12">
        {mine.data && !student ? (
          <p className="mb-5 flex flex-wrap items-center gap-3 rounded-md border border-edge bg-card p-3">
            <span className="flex-1">
              {isSignedOut
                ? messages.join.signedOut({ name: mine.data.name, title: mine.data.title })
                : messages.join.stillIn({ name: mine.data.name, title: mine.data.title })}
            </span>
            <Button onClick={() => void leaving.leave()}>{messages.join.leave}</Button>
            {isSignedOut ? null : (
              <Link to="/work" className={buttonClasses('main')}>
                {messages.join.goOn}
              </Link>
            )}
          </p>
        ) : null}
        {leaving.asked === null ? null : (
          <LeavingDialog unsaved={leaving.asked} onLeave={() => void leaving.leaveAnyway()} onStay={leaving.stay} />
        )}
        <Trouble code={search.get('trouble')} />
        {waiting.data ? (
          <p className="mb-4 rounded-md border border-edge bg-card p-3">
            {messages.join.waits({ name: waiting.data.name || waiting.data.email })}
          </p>
        ) : null}
        {lesson.isFetching && !lesson.data ? <Loading what={messages.join.lesson} /> : null}
        {code === '' || lesson.isError ? (
          <CodeForm fault={lesson.isError ? messageOf(lesson.error) : undefined} typed={code} />
        ) : null}
        {lesson.data && !student ? (
          <Names lesson={lesson.data} code={code} waits={!!waiting.data} onPick={setStudent} />
        ) : null}
        {lesson.data?.guests && !student ? <GuestForm code={code} isOnly={lesson.data.students.length === 0} /> : null}
        {student ? (
          <PinForm code={code} student={student} connects={!!waiting.data} onBack={() => setStudent(null)} />
        ) : null}
      </main>
    </div>
  );
}

function CodeForm({ fault, typed }: { fault: string | undefined; typed: string }) {
  const [code, setCode] = useState(typed);
  const navigate = useNavigate();
  return (
    <form
      className="mx-auto mt-10 flex max-w-sm flex-col gap-4 rounded-md border border-edge bg-card p-6"
      onSubmit={(event) => {
        event.preventDefault();
        if (plainCode(code) !== '') void navigate(`/join/${plainCode(code)}`);
      }}
    >
      <h1 className="text-2xl">{messages.join.title}</h1>
      <Field
        label={messages.join.code}
        hint={messages.join.codeHint}
        fault={fault}
        value={code}
        onChange={(event) => setCode(event.target.value)}
        autoFocus
        autoComplete="off"
        autoCapitalize="characters"
        spellCheck={false}
        className="text-center font-display text-3xl font-bold uppercase tracking-widest"
      />
      <Button type="submit" look="main">
        {messages.join.enter}
      </Button>
    </form>
  );
}

interface NamesProps {
  readonly lesson: JoinView;
  readonly code: string;
  /** Whether somebody came from their school's sign-in and has yet to say who they are. */
  readonly waits: boolean;
  readonly onPick: (student: Student) => void;
}

function Names({ lesson, code, waits, onPick }: NamesProps) {
  return (
    <>
      <p className="text-soft">{[lesson.className, readableCode(plainCode(code))].filter(Boolean).join(' · ')}</p>
      <h1 className="text-3xl">{lesson.title}</h1>
      {lesson.closed ? <p className="mt-2">{messages.join.isClosed}</p> : null}
      {lesson.students.length > 0 && !waits ? (
        <div className="max-w-sm">
          <ThroughSchool to={`code=${plainCode(code)}`} says={messages.join.through} />
        </div>
      ) : null}
      {lesson.students.length > 0 ? <h2 className="mb-2 mt-4 text-lg">{messages.join.whoAreYou}</h2> : null}
      <ul className="grid grid-cols-[repeat(auto-fill,minmax(12rem,1fr))] gap-2">
        {byName(lesson.students).map((student) => (
          <li key={student.id}>
            <Button className="w-full justify-start" onClick={() => onPick(student)}>
              {student.name}
              {student.group ? <span className="text-sm font-normal text-soft">{student.group}</span> : null}
            </Button>
          </li>
        ))}
      </ul>
    </>
  );
}

const sayMoment = () => showToast(messages.common.moment);

/** Coming in by a first name, for those who are not on the list. */
function GuestForm({ code, isOnly }: { code: string; isOnly: boolean }) {
  const [name, setName] = useState('');
  const join = useJoin((said) =>
    askPaying<MyLessonView>(
      '/join/guest',
      { code, name: said },
      { purpose: purposeOfGuest(code, said), onWait: sayMoment },
    ),
  );
  return (
    <form
      className="mt-6 flex max-w-sm flex-col gap-3 rounded-md border border-edge bg-card p-4"
      onSubmit={(event) => {
        event.preventDefault();
        join.mutate(name);
      }}
    >
      <Field
        label={isOnly ? messages.join.firstName : messages.join.guestName}
        fault={join.isError ? messageOf(join.error) : undefined}
        value={name}
        maxLength={40}
        autoComplete="off"
        onChange={(event) => setName(event.target.value)}
      />
      <Button type="submit" look={isOnly ? 'main' : 'plain'} disabled={name.trim() === '' || join.isPending}>
        {messages.join.begin}
      </Button>
    </form>
  );
}

/** Comes in with what is said, a name or a PIN, and goes to the slides. */
function useJoin(come: (said: string) => Promise<MyLessonView>) {
  const queries = useQueryClient();
  const navigate = useNavigate();
  return useMutation({
    mutationFn: come,
    onSuccess: async (lesson) => {
      const before = queries.getQueryData(myLessonQuery.queryKey);
      // Somebody else sits here now: what is left of the one before is not for them.
      if (before?.participantId === lesson.participantId) forgetConnection('student');
      else await forgetWhatIsSaved('student');
      queries.removeQueries({ queryKey: ['my-lesson'] });
      queries.setQueryData(myLessonQuery.queryKey, lesson);
      await navigate('/work');
    },
  });
}

interface PinProps {
  readonly code: string;
  readonly student: Student;
  /** Whether whoever comes from their school's sign-in is this student from then on. */
  readonly connects: boolean;
  readonly onBack: () => void;
}

function PinForm({ code, student, connects, onBack }: PinProps) {
  const [pin, setPin] = useState('');
  const join = useJoin((said) =>
    ask<MyLessonView>('POST', '/join', { code, studentId: student.id, pin: said, connects }),
  );
  const type = (typed: string) => {
    const digits = typed.replace(/\D/g, '').slice(0, 4);
    setPin(digits);
    // The last digit of a known PIN is enough; one that is chosen may be looked over first.
    if (student.hasPin && digits.length === 4 && digits !== pin) join.mutate(digits);
  };
  return (
    <form
      className="mx-auto mt-6 flex max-w-sm flex-col gap-4 rounded-md border border-edge bg-card p-6"
      onSubmit={(event) => {
        event.preventDefault();
        join.mutate(pin);
      }}
    >
      <h1 className="text-2xl">{student.name}</h1>
      <Field
        label={student.hasPin ? messages.join.pin : messages.join.newPin}
        hint={student.hasPin ? messages.join.pinHint : messages.join.newPinHint}
        fault={join.isError ? messageOf(join.error) : undefined}
        value={pin}
        onChange={(event) => type(event.target.value)}
        type="password"
        inputMode="numeric"
        autoComplete="off"
        autoFocus
        className="text-center text-3xl tracking-[0.5em]"
      />
      <Button type="submit" look="main" disabled={pin.length !== 4 || join.isPending}>
        {messages.join.begin}
      </Button>
      <Button look="quiet" onClick={onBack}>
        {messages.join.notMe}
      </Button>
    </form>
  );
}
