/** The class screen: a second window for the projector. Shows the slides of whose turn it is, else the way in. */
import type { LessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { formatDocumentName } from '@gobrel/core/shared-doc';
import { shownStop, startShow } from '@gobrel/core/show';
import { fittedRoom, ShowStage, useRoom } from '@gobrel/slide-view';
import { useQuery } from '@tanstack/react-query';
import { useMemo } from 'react';
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
  const { work, stop: reached } = useWorkOf(lesson.id, edition, participantId);
  const [around, space] = useRoom<HTMLDivElement>();
  const opening = useMemo(() => startShow(edition), [edition]);
  const stop = reached ?? (opening && shownStop(opening));
  const room = useMemo(() => stop && fittedRoom(edition, stop, space), [edition, stop, space]);
  const slideTitle = stop ? slideName(edition, stop.slideId) : '';
  return (
    <div className="flex h-full flex-col">
      <main ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden">
        {stop && room && room.width > 0 ? (
          <ShowStage deck={edition} stop={stop} room={room} work={work} label={slideTitle} />
        ) : null}
      </main>
      <footer className="border-t border-rule px-5 py-2 text-xl" role="status">
        <strong className="font-display">{words.board.shows(name)}</strong>{' '}
        <span className="text-soft">{slideTitle}</span>
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
