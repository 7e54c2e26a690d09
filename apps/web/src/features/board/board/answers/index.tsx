/** Everybody's answers, question by question in the order of the slides, and how the questions did. */
import type { LessonMarks, LessonView } from '@gobrel/contract';
import {
  type Deck,
  type Item,
  type ItemKindName,
  type ItemOf,
  itemsOf,
  nameOf,
  slidesInOrder,
} from '@gobrel/core/deck';
import { analyseMarks, isQuestion } from '@gobrel/core/questions';
import { resultsTable, writeResultsCsv } from '@gobrel/core/formats';
import type { Work } from '@gobrel/core/work';
import { Download } from 'lucide-react';
import { type ComponentType, type ReactNode, useMemo } from 'react';
import { QuestionFigures } from '../../../../shared/figures';
import { saveText } from '../../../../shared/downloads';
import { Button, Empty } from '../../../../shared/ui';
import { messages } from '../../../../shared/messages';
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
    <>
      <Button className="mb-4" onClick={save}>
        <Download size={18} aria-hidden /> {messages.exchange.results}
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
        nameOf={(id) => (edition.items[id] ? nameOf(edition.items[id]) || messages.kinds[edition.items[id].kind] : '')}
      />
    </>
  );
}

interface AnswersOfProps<I extends Item = Item> {
  readonly item: I;
  readonly edition: Deck;
  readonly works: readonly Work[];
  readonly lessonId: string;
  readonly people: readonly Person[];
}

/** The table of views: one an item kind; `null` for kinds that nobody answers. */
const views: { readonly [K in ItemKindName]: ComponentType<AnswersOfProps<ItemOf<K>>> | null } = {
  text: null,
  shape: null,
  picture: null,
  line: null,
  table: null,
  sign: null,
  video: null,
  hotspot: null,
  viewpoint: null,
  zone: ({ item, edition, works }) => <PlacementAnswers edition={edition} slideId={item.slideId} works={works} />,
  blank: TextAnswers,
  choice: ChoiceAnswers,
  'short-text': TextAnswers,
  'long-text': ReadAnswers,
  number: NumberAnswers,
  point: PointAnswers,
  draw: DrawingAnswers,
  spoken: ReadAnswers,
  'open-area': null,
};

function AnswersOf(props: AnswersOfProps): ReactNode {
  // An item goes with the entry of its own kind, which the types of a union cannot say.
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  const View = views[props.item.kind] as ComponentType<AnswersOfProps> | null;
  return View ? <View {...props} /> : null;
}
