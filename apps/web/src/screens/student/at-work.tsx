/** The student's screen once everything is there: the slide, the way through, what is kept, and submitting. */
import type { MyLessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { resumeShow, type ShowState } from '@gobrel/core/show';
import { writeWorkChanges } from '@gobrel/core/shared-doc';
import { progressOn, type Work } from '@gobrel/core/work';
import { SlideView, useFittedWidth } from '@gobrel/slide-view';
import { ArrowLeft, ArrowRight, RotateCcw, Undo2 } from 'lucide-react';
import { useCallback, useEffect, useState } from 'react';
import { Brand, KeptNote, SchemeButton } from '../../frame';
import type { DocumentStatus, OpenDocument } from '../../live';
import { slideName } from '../../slides';
import { Button, Failing, IconButton } from '../../ui';
import { useWalk } from '../../walking';
import { words } from '../../words';
import { StandingNote } from './standing-note';
import { SubmitButton } from './submit-button';
import { useFillIn } from './use-fill-in';
import { useKeptOffline } from './use-kept-offline';
import { useLessonNews } from './use-lesson-news';

interface AtWorkProps {
  readonly lesson: MyLessonView;
  readonly edition: Deck;
  readonly document: OpenDocument;
  readonly status: DocumentStatus;
  readonly work: Work;
}

export function AtWork(props: AtWorkProps) {
  const start = resumeShow(props.edition, props.work.way);
  return start ? <Working {...props} start={start} /> : <Failing message={words.show.noSlides} />;
}

function Working({ lesson, edition, document, status, work, start }: AtWorkProps & { start: ShowState }) {
  const [state, setState] = useState(start);
  const locked = lesson.submission !== null || lesson.closedAt !== null || !status.writable;
  const onMove = useCallback(
    (next: ShowState) => {
      setState(next);
      if (!locked) writeWorkChanges(document.doc, [{ part: 'way', way: next.way }]);
    },
    [document, locked],
  );
  const walk = useWalk(edition, state, onMove);
  const { fillIn, spoken, undo, canUndo, putPiecesBack } = useFillIn(document, edition, work, locked);
  const isShowing = useLessonNews(lesson);
  const [around, width] = useFittedWidth<HTMLDivElement>(edition.size);
  useKeptOffline(edition);

  useEffect(() => {
    // The teacher's board and the class screen follow where this device is.
    document.announce({ at: walk.at });
  }, [document, walk.at]);

  const here = progressOn(edition, work, walk.at);
  const hasPlaced = Object.keys(work.pieces).some((id) => edition.items[id]?.slideId === walk.at);
  return (
    <div className="flex h-full flex-col">
      <header className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule px-3 py-1.5">
        <span className="hidden sm:block">
          <Brand />
        </span>
        <h1 className="text-lg">{edition.title}</h1>
        <span className="text-soft">
          {lesson.name} · {lesson.className}
        </span>
        <span className="ml-auto flex items-center gap-2">
          <KeptNote kept={status.kept} />
          <SchemeButton />
          <SubmitButton lesson={lesson} edition={edition} work={work} document={document} locked={locked} />
        </span>
      </header>
      <StandingNote lesson={lesson} isShowing={isShowing} />
      <main ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden p-2">
        {width > 0 ? (
          <div className="border border-ink/70">
            <SlideView
              deck={edition}
              slideId={walk.at}
              width={width - 24}
              follow={walk.follow}
              fillIn={fillIn}
              label={slideName(edition, walk.at)}
            />
          </div>
        ) : null}
      </main>
      <footer className="flex flex-wrap items-center gap-2 border-t border-rule px-3 py-2">
        <Button disabled={!walk.canGoBack} onClick={() => walk.step({ type: 'back' })}>
          <ArrowLeft size={18} aria-hidden /> {words.show.back}
        </Button>
        <IconButton name={words.common.undo} disabled={!canUndo || locked} onClick={undo}>
          <Undo2 size={20} aria-hidden />
        </IconButton>
        <p
          role="status"
          className="order-first basis-full text-center sm:order-none sm:min-w-40 sm:flex-1 sm:basis-auto"
        >
          {walk.notice ? (
            <strong className="text-clay">{walk.notice}</strong>
          ) : (
            <>
              <strong>{slideName(edition, walk.at)}</strong>
              {here.asked > 0 ? (
                <span className="text-soft"> · {words.student.progress(here.filled, here.asked)}</span>
              ) : null}
            </>
          )}
        </p>
        {hasPlaced && !locked ? (
          <Button onClick={() => putPiecesBack(walk.at)}>
            <RotateCcw size={18} aria-hidden /> {words.student.putBack}
          </Button>
        ) : null}
        <Button
          className="ml-auto sm:ml-0"
          look={edition.slides[walk.at]?.exits === 'links-only' ? 'plain' : 'main'}
          onClick={() => walk.step({ type: 'next' })}
        >
          {words.show.next} <ArrowRight size={18} aria-hidden />
        </Button>
      </footer>
      <p aria-live="assertive" className="spoken">
        {spoken}
      </p>
    </div>
  );
}
