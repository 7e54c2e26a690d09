/** The board: leading a lesson, watching it live, reviewing it, and who shows their slides. */
import type { LessonMarks, LessonView } from '@gobrel/contract';
import { readableCode } from '@gobrel/contract/join-code';
import type { Deck } from '@gobrel/core/deck';
import { useQuery } from '@tanstack/react-query';
import { Presentation, QrCode } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { Link, useParams } from 'react-router';
import { Brand, SchemeButton } from '../../../app/frame';
import { JoinCard } from '../../lessons';
import { editionQuery, isRefusedAs, lessonQuery, messageOf, reviewsQuery } from '../../../shared/api';
import { Button, Dialog, Failing, Loading, Tabs, usePageTitle } from '../../../shared/ui';
import { useEverybody } from '../../../shared/watching';
import { messages } from '../../../shared/messages';
import { Answers } from './answers';
import { ByStudent, SeenFields, seenAtFirst } from './by-student';
import { Lead } from './lead';
import { LeadBar } from './lead-bar';
import { LessonMenu } from './lesson-menu';
import { LessonNotOpen } from '../lesson-not-open';
import { Review } from './review';
import { SideBySide } from './side-by-side';
import { StudentPanel } from './student-panel';
import { TurnList } from './turn-list';
import { useBoardNews } from './use-board-news';
import { useMarks } from './use-marks';
import { Ways } from './ways';

export function Screen() {
  const { lessonId = '' } = useParams();
  const lesson = useQuery(lessonQuery(lessonId));
  const edition = useQuery(editionQuery(lessonId, lesson.data?.edition));
  const failed = lesson.error ?? edition.error;
  const isDeleted = isRefusedAs(lesson.error, 'lesson-deleted');
  if (lesson.data && edition.data && !isDeleted) return <Board lesson={lesson.data} edition={edition.data} />;
  if (failed)
    return (
      <LessonNotOpen
        lessonId={lessonId}
        error={failed}
        onRetry={() => void Promise.all([lesson.refetch(), edition.refetch()])}
      />
    );
  return <Loading what={messages.lessons.lesson} />;
}

function Board({ lesson, edition }: { lesson: LessonView; edition: Deck }) {
  usePageTitle([lesson.title, lesson.className].filter(Boolean).join(' · '));
  const everybody = useEverybody(lesson, edition);
  const live = useBoardNews(lesson.id);
  const reviews = useQuery(reviewsQuery(lesson.id));
  const { marks, isComplete } = useMarks(edition, everybody, reviews.data);
  const joined = lesson.participants.filter(({ participantId }) => participantId !== null);
  /** What says how everybody did waits until it is known: without it, it would say that nobody did anything. */
  const withMarks = (show: (known: LessonMarks) => ReactNode) => {
    if (isComplete) return show(marks);
    return reviews.error ? (
      <Failing message={messageOf(reviews.error)} onRetry={() => void reviews.refetch()} />
    ) : (
      <Loading what={messages.board.theAnswers} />
    );
  };
  const [picked, setPicked] = useState<string | null>(null);
  const [seen, setSeen] = useState(seenAtFirst);
  const [showsWayIn, setShowsWayIn] = useState(false);
  const [tab, setTab] = useState('by-student');
  // Turns and one student's slides stand beside what is about students; the rest needs the room.
  const isBeside = tab === 'by-student' || tab === 'lead';
  const submitted = lesson.participants.filter(({ submission }) => submission !== null).length;
  const here = everybody.filter(({ participant }) => participant.participantId !== null);
  const shown = here.find(({ participant }) => participant.key === picked) ?? here[0] ?? null;
  return (
    <div className="flex min-h-full flex-col lg:h-dvh lg:min-h-0">
      <header className="flex min-h-12 flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule px-3 py-1">
        <Link to="/lessons" aria-label={messages.board.toLessons}>
          <Brand />
        </Link>
        <Link to="/lessons" className="text-sm text-soft hover:text-ink">
          {messages.frame.lessons} /
        </Link>
        <h1 className="text-xl">{[lesson.title, lesson.className].filter(Boolean).join(' · ')}</h1>
        <span className="text-soft">
          {messages.board.counts({ joined: joined.length, students: lesson.participants.length, submitted })}
        </span>
        <span className="ms-auto flex flex-wrap items-center gap-2">
          <SchemeButton />
          {lesson.closedAt ? (
            <span className="font-semibold text-amber">{messages.lessons.isClosed}</span>
          ) : (
            <Button onClick={() => setShowsWayIn(true)}>
              <QrCode size={18} aria-hidden /> {readableCode(lesson.code)}
            </Button>
          )}
          <Button
            look="main"
            onClick={() =>
              window.open(`/lessons/${lesson.id}/screen`, `screen-${lesson.id}`, 'popup,width=1280,height=800')
            }
          >
            <Presentation size={18} aria-hidden /> {messages.board.classScreen}
          </Button>
          <LessonMenu lesson={lesson} edition={edition} />
        </span>
      </header>
      {lesson.closedAt ? null : <LeadBar lesson={lesson} edition={edition} live={live} />}
      <main
        className={`grid flex-1 grid-cols-[minmax(0,1fr)] items-start gap-4 px-3 py-1 lg:min-h-0 lg:grid-rows-[minmax(0,1fr)] lg:items-stretch ${isBeside ? 'lg:grid-cols-[minmax(0,1fr)_18rem] xl:grid-cols-[minmax(0,1fr)_22rem]' : ''}`}
      >
        <Tabs
          label={messages.board.views}
          fill
          beside={tab === 'by-student' ? <SeenFields seen={seen} onChange={setSeen} /> : null}
          start={tab}
          onChange={setTab}
          tabs={[
            {
              id: 'lead',
              name: messages.leading.tab,
              content: <Lead edition={edition} live={live} everybody={everybody} />,
            },
            {
              id: 'by-student',
              name: messages.board.byStudent,
              content: (
                <ByStudent
                  lesson={lesson}
                  edition={edition}
                  marks={marks}
                  everybody={everybody}
                  seen={seen}
                  change={live.change}
                  picked={shown?.participant ?? null}
                  onPick={({ key }) => setPicked(key)}
                />
              ),
            },
            {
              id: 'side-by-side',
              name: messages.watching.sideBySide,
              content: <SideBySide lesson={lesson} edition={edition} live={live} everybody={everybody} />,
            },
            {
              id: 'answers',
              name: messages.board.answers,
              content: withMarks((known) => <Answers lesson={lesson} edition={edition} marks={known} live={live} />),
            },
            {
              id: 'ways',
              name: messages.watching.ways,
              content: <Ways edition={edition} everybody={everybody} />,
            },
            {
              id: 'review',
              name: messages.reviewing.tab,
              content: <Review lesson={lesson} edition={edition} everybody={everybody} />,
            },
          ]}
        />
        <div className={isBeside ? 'flex flex-col gap-3 py-1 lg:min-h-0 lg:overflow-y-auto' : 'hidden'}>
          {shown && tab === 'by-student' ? (
            <StudentPanel
              key={shown.participant.key}
              lesson={lesson}
              edition={edition}
              watched={shown}
              marked={marks[shown.participant.participantId ?? '']}
              live={live}
            />
          ) : null}
          <TurnList lesson={lesson} edition={edition} live={live} everybody={everybody} />
        </div>
      </main>
      <Dialog title={messages.handOut.wayIn} open={showsWayIn} onClose={() => setShowsWayIn(false)} wide>
        <JoinCard code={lesson.code} />
      </Dialog>
    </div>
  );
}
