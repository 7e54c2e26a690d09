/** Everybody's answers, question by question in the order of the slides, and how the questions did. */
import type { LessonMarks, LessonView } from '@gobrel/contract';
import { type Deck, type Item, itemsOf, nameOf, slidesInOrder } from '@gobrel/core/deck';
import { analyseMarks, isAsking } from '@gobrel/core/questions';
import { resultsTable, writeResultsCsv } from '@gobrel/core/formats';
import type { Work } from '@gobrel/core/work';
import { Download } from 'lucide-react';
import { type ReactNode, useMemo } from 'react';
import { QuestionFigures } from '../../../figures';
import { saveText } from '../../../saving';
import { Button, Empty } from '../../../ui';
import { words } from '../../../words';
import { ChoiceAnswers } from './choice-answers';
import { DrawingAnswers } from './drawing-answers';
import { NumberAnswers } from './number-answers';
import { PlacementAnswers } from './placement-answers';
import { PointAnswers } from './point-answers';
import { type Person, ReadAnswers } from './read-answers';
import { TextAnswers } from './text-answers';

interface AnswersViewProps {
  readonly lesson: LessonView;
  readonly edition: Deck;
  readonly marks: LessonMarks;
}

export function Answers({ lesson, edition, marks }: AnswersViewProps) {
  const asked = useMemo(
    () =>
      slidesInOrder(edition).flatMap(({ id }) => {
        const items = itemsOf(edition, id).filter((item) => isAsking(item) && !item.hidden);
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
  if (asked.length === 0) return <Empty title={words.board.noQuestions} />;
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
    <>
      <Button className="mb-4" onClick={save}>
        <Download size={18} aria-hidden /> {words.exchange.results}
      </Button>
      <div className="gap-6 xl:columns-2 [&>*]:mb-6 [&>*]:break-inside-avoid">
        {asked.map((item) => (
          <AnswersOf key={item.id} item={item} edition={edition} works={works} lessonId={lesson.id} people={people} />
        ))}
      </div>
      <QuestionFigures
        figures={analyseMarks(
          edition,
          entries.map(([, entry]) => entry),
        )}
        nameOf={(id) => (edition.items[id] ? nameOf(edition.items[id]) || words.kinds[edition.items[id].kind] : '')}
      />
    </>
  );
}

interface AnswersOfProps {
  readonly item: Item;
  readonly edition: Deck;
  readonly works: readonly Work[];
  readonly lessonId: string;
  readonly people: readonly Person[];
}

/** The view for an item's kind. */
function AnswersOf({ item, edition, works, lessonId, people }: AnswersOfProps): ReactNode {
  switch (item.kind) {
    case 'choice':
      return <ChoiceAnswers item={item} works={works} />;
    case 'short-text':
    case 'blank':
      return <TextAnswers item={item} works={works} />;
    case 'number':
      return <NumberAnswers item={item} works={works} />;
    case 'point':
      return <PointAnswers item={item} works={works} />;
    case 'draw':
      return <DrawingAnswers item={item} works={works} />;
    case 'long-text':
    case 'spoken':
      return <ReadAnswers item={item} works={works} lessonId={lessonId} people={people} />;
    case 'zone':
      return <PlacementAnswers edition={edition} slideId={item.slideId} works={works} />;
    default:
      return null;
  }
}
