/** Everybody's answers, question by question in the order of the slides, and how the questions did. */
import type { LessonMarks, LessonView } from '@gobrel/contract';
import { type Deck, type ItemId, itemsOf, nameOf, slidesInOrder } from '@gobrel/core/deck';
import { resultsTable, writeResultsCsv } from '@gobrel/core/formats';
import { analyseMarks, isQuestion } from '@gobrel/core/questions';
import { Download, Presentation } from 'lucide-react';
import { useMemo } from 'react';
import { AnswersOf, type ChartPlace, ChartPlaceProvider } from '../answers';
import { QuestionFigures } from '../../../shared/figures';
import { saveText } from '../../../shared/downloads';
import type { LiveLesson } from '../../../shared/sync';
import { Button, Empty } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

interface AnswersProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly marks: LessonMarks;
  readonly live: LiveLesson;
}

export function Answers({ lesson, edition, marks, live }: AnswersProps) {
  const asked = useMemo(
    () =>
      slidesInOrder(edition).flatMap(({ id }) => {
        const items = itemsOf(edition, id).filter((item) => isQuestion(item) && !item.hidden);
        const zone = items.find((item) => item.kind === 'zone');
        return [...items.filter((item) => item.kind !== 'zone'), ...(zone ? [zone] : [])];
      }),
    [edition],
  );
  const entries = useMemo(() => Object.entries(marks), [marks]);
  const works = useMemo(() => entries.map(([, { work }]) => work), [entries]);
  const people = entries.map(([participantId]) => ({
    participantId,
    name: lesson.participants.find((each) => each.participantId === participantId)?.name ?? '',
  }));
  const { state, change } = live;
  const place = useMemo(
    (): ChartPlace => ({
      isLarge: false,
      isKeyShown: true,
      footOf: (itemId) => <ToClass itemId={itemId} shown={state.chartShown} change={change} />,
    }),
    [state.chartShown, change],
  );
  if (asked.length === 0) return <Empty title={messages.board.noQuestions} />;
  const save = () =>
    saveText(
      writeResultsCsv(
        resultsTable(
          edition,
          entries.map(([, entry], at) => ({ student: people[at]?.name ?? '', ...entry })),
        ),
      ),
      'text/csv',
      `${lesson.title} ${lesson.className}.csv`,
    );
  return (
    <ChartPlaceProvider value={place}>
      <Button className="mb-3" onClick={save}>
        <Download size={18} aria-hidden /> {messages.exchange.results}
      </Button>
      <div className="gap-3 md:columns-2 xl:columns-3 [&>*]:mb-3 [&>*]:break-inside-avoid">
        {asked.map((item) => (
          <AnswersOf key={item.id} item={item} edition={edition} works={works} lessonId={lesson.id} people={people} />
        ))}
      </div>
      <QuestionFigures
        figures={analyseMarks(
          edition,
          entries.map(([, entry]) => entry),
        )}
        nameOf={(id) => (edition.items[id] ? nameOf(edition.items[id]) || messages.kinds[edition.items[id].kind] : '')}
      />
    </ChartPlaceProvider>
  );
}

interface ToClassProps {
  readonly itemId: ItemId;
  readonly shown: LiveLesson['state']['chartShown'];
  readonly change: LiveLesson['change'];
}

/** Shows the answers to a question on the class screen, at first without what is right. */
function ToClass({ itemId, shown, change }: ToClassProps) {
  const says = messages.watching;
  if (shown?.itemId !== itemId)
    return (
      <Button
        look="quiet"
        onClick={() => change(() => ({ chartShown: { itemId, isKeyShown: false }, answersShown: null }))}
      >
        <Presentation size={18} aria-hidden /> {says.toClass}
      </Button>
    );
  return (
    <>
      <Button look="quiet" onClick={() => change(() => ({ chartShown: null }))}>
        <Presentation size={18} aria-hidden /> {says.takeAway}
      </Button>
      <Button look="quiet" onClick={() => change(() => ({ chartShown: { itemId, isKeyShown: !shown.isKeyShown } }))}>
        {shown.isKeyShown ? says.hideRight : says.showRight}
      </Button>
    </>
  );
}
