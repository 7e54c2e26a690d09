/** Choosing what stands at a place in a course of a learning platform: a deck, which is handed out there, or a lesson. */
import type { ChoosingView, LessonSummary, PlaceChoice } from '@gobrel/contract';
import { useMutation, useQuery } from '@tanstack/react-query';
import { TeacherPage } from '../../../app/frame';
import { lessonsQuery, messageOf } from '../../../shared/api';
import { Cover } from '../../../shared/slides';
import { Loading, showToast, Tabs, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';
import { DeckChoice } from '../deck-choice';

interface PlacingProps {
  readonly place: ChoosingView;
  /** Puts what is chosen there, and goes on. */
  readonly onChoose: (choice: PlaceChoice) => Promise<unknown>;
}

export function Placing({ place: { course, platform }, onChoose }: PlacingProps) {
  const says = messages.platforms;
  const title = says.placeTitle({ course: course || platform });
  usePageTitle(title);
  const choose = useMutation({
    mutationFn: onChoose,
    onError: (error) => showToast(messageOf(error), { tone: 'trouble' }),
  });
  const take = (choice: PlaceChoice) => {
    if (!choose.isPending) choose.mutate(choice);
  };
  return (
    <TeacherPage>
      <h1 className="text-3xl wrap-anywhere">{title}</h1>
      <p className="mb-4 text-soft">{says.placeText({ platform })}</p>
      {choose.isPending ? (
        <Loading what={title} />
      ) : (
        <Tabs
          label={title}
          tabs={[
            { id: 'decks', name: says.decks, content: <DeckChoice onChoose={({ id }) => take({ deckId: id })} /> },
            { id: 'lessons', name: says.lessons, content: <LessonChoice onChoose={(id) => take({ lessonId: id })} /> },
          ]}
        />
      )}
    </TeacherPage>
  );
}

/** The running lessons of classes: whoever comes from a course comes as a student of one. */
function LessonChoice({ onChoose }: { readonly onChoose: (lessonId: string) => void }) {
  const says = messages.platforms;
  const lessons = useQuery(lessonsQuery);
  if (lessons.isPending) return <Loading what={says.lessons} />;
  const open = (lessons.data ?? []).filter(({ closedAt, className }) => closedAt === null && className !== '');
  if (open.length === 0) return <p className="py-6 text-center text-soft">{says.noLessons}</p>;
  return (
    <ul className="mt-3 grid grid-cols-[repeat(auto-fill,minmax(10rem,1fr))] gap-3">
      {open.map((lesson) => (
        <LessonButton key={lesson.id} lesson={lesson} onChoose={onChoose} />
      ))}
    </ul>
  );
}

function LessonButton({ lesson, onChoose }: { lesson: LessonSummary; onChoose: (lessonId: string) => void }) {
  return (
    <li>
      <button
        type="button"
        className="w-full rounded-md p-1.5 text-start hover:bg-rule/50"
        onClick={() => onChoose(lesson.id)}
      >
        <span className="block overflow-hidden rounded border border-edge">
          <Cover deck={lesson.cover} />
        </span>
        <span className="mt-1 line-clamp-2 font-semibold">{lesson.title}</span>
        <span className="block text-sm text-soft">{lesson.className}</span>
      </button>
    </li>
  );
}
