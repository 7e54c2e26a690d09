/** The class screen: a second window for the projector. Shows the slides of whose turn it is, else the way in. */
import type { LessonView } from '@gobrel/contract';
import { type Deck, sizeOf } from '@gobrel/core/deck';
import { firstSlide } from '@gobrel/core/routes';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { SlideView, useFittedWidth } from '@gobrel/slide-view';
import { useQuery } from '@tanstack/react-query';
import { useParams } from 'react-router';
import { JoinCard } from '../../handing-out';
import { lessonReading, useDocument, useObserved } from '../../live';
import { editionQuery, lessonQuery, messageOf } from '../../server';
import { slideName } from '../../slides';
import { Failing, Loading } from '../../ui';
import { useWorkOf } from '../../watching';
import { words } from '../../words';

export function Screen() {
  const { lessonId = '' } = useParams();
  const lesson = useQuery({ ...lessonQuery(lessonId), refetchInterval: 5000 });
  const edition = useQuery(editionQuery(lessonId));
  const document = useDocument(formatDocumentName({ kind: 'lesson', lessonId }), 'teacher');
  const state = useObserved(document, lessonReading);
  const failed = lesson.error ?? edition.error;
  if (failed && !lesson.data) return <Failing message={messageOf(failed)} />;
  if (!lesson.data || !edition.data || !state) return <Loading what={words.board.classScreen} />;
  const shown = lesson.data.participants.find((participant) => participant.participantId === state.showing);
  if (shown?.participantId)
    return (
      <Showing lesson={lesson.data} edition={edition.data} name={shown.name} participantId={shown.participantId} />
    );
  return <Waiting lesson={lesson.data} />;
}

function Showing({
  lesson,
  edition,
  name,
  participantId,
}: {
  lesson: LessonView;
  edition: Deck;
  name: string;
  participantId: string;
}) {
  const { work, at } = useWorkOf(lesson.id, participantId);
  const [around, width] = useFittedWidth<HTMLDivElement>(sizeOf(edition));
  const slideId = at ?? firstSlide(edition)?.id ?? '';
  return (
    <div className="flex h-full flex-col">
      <main ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden">
        {width > 0 ? (
          <SlideView deck={edition} slideId={slideId} width={width} work={work} label={slideName(edition, slideId)} />
        ) : null}
      </main>
      <footer className="border-t border-rule px-5 py-2 text-xl" role="status">
        <strong className="font-display">{words.board.shows(name)}</strong>{' '}
        <span className="text-soft">{slideName(edition, slideId)}</span>
      </footer>
    </div>
  );
}

function Waiting({ lesson }: { lesson: LessonView }) {
  const here = lesson.participants.filter((participant) => participant.participantId !== null);
  return (
    <main className="dotted-ground flex min-h-full flex-col justify-center gap-10 p-12">
      <div>
        <p className="text-xl text-soft">{lesson.className}</p>
        <h1 className="text-6xl">{lesson.title}</h1>
      </div>
      {lesson.closedAt ? <p className="text-2xl">{words.board.isClosed}</p> : <JoinCard code={lesson.code} large />}
      <p className="text-2xl">{words.board.joined(here.length, lesson.participants.length)}</p>
    </main>
  );
}
