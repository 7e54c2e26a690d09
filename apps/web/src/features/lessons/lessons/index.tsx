/** A teacher's lessons: the running ones first, the ended ones by month. */
import type { DeckSummary, LessonSummary } from '@gobrel/contract';
import { readableCode } from '@gobrel/contract/join-code';
import { useQuery } from '@tanstack/react-query';
import { FileInput, Presentation, Send } from 'lucide-react';
import { useState } from 'react';
import { Link } from 'react-router';
import { TeacherPage } from '../../../app/frame';
import { lessonsQuery, messageOf } from '../../../shared/api';
import { BinLink } from '../../../shared/bin';
import { Cover } from '../../../shared/slides';
import { Button, Empty, Failing, Loading, SearchField, Select, usePageTitle } from '../../../shared/ui';
import { inOrder, messages } from '../../../shared/messages';
import { HandOutDialog } from '../handing-out';
import { ChooseDeckDialog } from './choose-deck-dialog';
import { byMonth, fitting } from './lesson-list';
import { ResultsDialog } from './results-dialog';

/** What is begun from this page. */
type Begun = { readonly kind: 'results' | 'choose' } | { readonly kind: 'hand-out'; readonly deck: DeckSummary };

/** So many lessons are in sight at once; of more one looks for one. */
const IN_SIGHT = 6;

export function Screen() {
  const says = messages.lessons;
  usePageTitle(says.title);
  const lessons = useQuery(lessonsQuery);
  const [begun, setBegun] = useState<Begun | null>(null);
  const close = () => setBegun(null);
  const handOut = (
    <Button look="main" onClick={() => setBegun({ kind: 'choose' })}>
      <Send size={18} aria-hidden /> {says.handOut}
    </Button>
  );
  return (
    <TeacherPage>
      <div className="mb-5 flex flex-wrap items-center gap-x-2 gap-y-2">
        <h1 className="me-auto text-3xl">{says.title}</h1>
        <Button look="quiet" onClick={() => setBegun({ kind: 'results' })}>
          <FileInput size={18} aria-hidden /> {messages.exchange.resultsFrom}
        </Button>
        {lessons.data?.length === 0 ? null : handOut}
      </div>
      {lessons.isPending ? <Loading what={says.title} /> : null}
      {lessons.isError ? <Failing message={messageOf(lessons.error)} onRetry={() => void lessons.refetch()} /> : null}
      {lessons.data?.length === 0 ? (
        <Empty icon={Presentation} title={says.empty} text={says.emptyText}>
          {handOut}
        </Empty>
      ) : null}
      {lessons.data && lessons.data.length > 0 ? <LessonLists lessons={lessons.data} /> : null}
      <BinLink kind="lessons" />
      {begun?.kind === 'results' ? <ResultsDialog onClose={close} /> : null}
      {begun?.kind === 'choose' ? (
        <ChooseDeckDialog onChoose={(deck) => setBegun({ kind: 'hand-out', deck })} onClose={close} />
      ) : null}
      {begun?.kind === 'hand-out' ? (
        <HandOutDialog deckId={begun.deck.id} hasOwnPage={begun.deck.hasOwnPage} onClose={close} />
      ) : null}
    </TeacherPage>
  );
}

function LessonLists({ lessons }: { lessons: readonly LessonSummary[] }) {
  const says = messages.lessons;
  const [sought, setSought] = useState('');
  const [className, setClassName] = useState('');
  const classes = [...new Set(lessons.map((lesson) => lesson.className))].filter(Boolean).sort(inOrder);
  const found = fitting(lessons, { sought, className });
  const running = found.filter(({ closedAt }) => closedAt === null);
  const months = byMonth(found.filter(({ closedAt }) => closedAt !== null));
  return (
    <>
      {lessons.length > IN_SIGHT ? (
        <div className="mb-5 flex flex-wrap gap-2">
          <SearchField label={says.find} value={sought} onChange={setSought} className="flex-1 sm:max-w-72" />
          {classes.length > 1 ? (
            <Select
              label={says.ofClass}
              bare
              value={className}
              options={[{ value: '', name: says.allClasses }, ...classes.map((name) => ({ value: name, name }))]}
              onChange={setClassName}
            />
          ) : null}
        </div>
      ) : null}
      {running.length > 0 ? (
        <section className="mb-8">
          <h2 className="mb-2 text-xl">{says.running}</h2>
          <LessonRows lessons={running} />
        </section>
      ) : null}
      {months.length > 0 ? (
        <section>
          <h2 className="mb-1 text-xl">{says.closed}</h2>
          {months.map((month) => (
            <section key={month.id} className="mb-5">
              <h3 className="mb-1 font-sans text-sm font-semibold text-soft">
                {says.month({ at: month.lessons[0]?.openedAt ?? '' })}
              </h3>
              <LessonRows lessons={month.lessons} />
            </section>
          ))}
        </section>
      ) : null}
      {found.length === 0 ? (
        <Empty title={says.noneFound}>
          <Button
            onClick={() => {
              setSought('');
              setClassName('');
            }}
          >
            {says.showAll}
          </Button>
        </Empty>
      ) : null}
    </>
  );
}

function LessonRows({ lessons }: { lessons: readonly LessonSummary[] }) {
  const says = messages.lessons;
  return (
    <ul className="border-t border-rule">
      {lessons.map((lesson) => {
        const isOver = lesson.closedAt !== null;
        return (
          <li key={lesson.id} className="border-b border-rule">
            <Link
              to={`/lessons/${lesson.id}`}
              className={`flex flex-wrap items-center gap-x-5 gap-y-1 hover:bg-card ${isOver ? 'py-1.5' : 'py-3'}`}
            >
              <span className={`flex-none overflow-hidden rounded border border-edge ${isOver ? 'w-20' : 'w-32'}`}>
                <Cover deck={lesson.cover} />
              </span>
              <span className="min-w-48 flex-1">
                <span className={`block font-display font-bold ${isOver ? '' : 'text-lg'}`}>{lesson.title}</span>
                <span className="text-soft">
                  {lesson.className || says.withAnybody} · {says.openedAt({ at: lesson.openedAt })}
                </span>
              </span>
              <span className="min-w-40 text-end">
                {says.counts({ joined: lesson.joined, students: lesson.students, submitted: lesson.submitted })}
              </span>
              <span className="w-28 text-end font-semibold">
                {isOver ? <span className="text-soft">{says.isClosed}</span> : readableCode(lesson.code)}
              </span>
            </Link>
          </li>
        );
      })}
    </ul>
  );
}
