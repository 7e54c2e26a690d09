/** The student's screen once everything is there: the slide, the way through, what is kept, and submitting. */
import type { MyLessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { resumeShow, type ShowState, slidesWalked } from '@gobrel/core/show';
import { writeWorkChanges } from '@gobrel/core/shared-doc';
import type { Work } from '@gobrel/core/work';
import { Undo2 } from 'lucide-react';
import { useCallback, useEffect, useMemo, useState } from 'react';
import { Brand, KeptNote, SchemeButton } from '../../frame';
import type { DocumentStatus, OpenDocument, StudentPlace } from '../../live';
import { Failing, IconButton } from '../../ui';
import { FilledInStage, ToldStrip, useWalk, WalkFooter } from '../../walking';
import { words } from '../../words';
import { serverJudge } from './server-judge';
import { StandingNote } from './standing-note';
import { SubmitButton } from './submit-button';
import { useChecks } from './use-checks';
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
  const start = resumeShow(props.edition, props.work);
  return start ? <Working {...props} start={start} /> : <Failing message={words.show.noSlides} />;
}

function Working({ lesson, edition, document, status, work, start }: AtWorkProps & { start: ShowState }) {
  const [state, setState] = useState(start);
  const locked = lesson.submission !== null || lesson.closedAt !== null || lesson.held || !status.writable;
  const onMove = useCallback(
    (next: ShowState) => {
      setState(next);
      if (!locked) writeWorkChanges(document.doc, [{ part: 'way', way: slidesWalked(next), seen: next.seen }]);
    },
    [document, locked],
  );
  const judge = useMemo(() => serverJudge(document), [document]);
  const walk = useWalk({ deck: edition, state, work, judge, onMove });
  const { told, checking, check } = useChecks(lesson, document, edition, work);
  const { participantId: who } = lesson;
  const { fillIn, spoken, undo, canUndo } = useFillIn({ document, edition, work, locked, who, told });
  const isShowing = useLessonNews(lesson);
  useKeptOffline(edition);

  const { stop } = walk;
  useEffect(() => {
    // The teacher's board and the class screen follow where this device is.
    document.announce({ stop } satisfies StudentPlace);
  }, [document, stop]);

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
      <FilledInStage edition={edition} walk={walk} fillIn={fillIn} />
      <ToldStrip
        key={walk.at}
        edition={edition}
        slideId={walk.at}
        work={work}
        told={told}
        locked={locked}
        checking={checking}
        onCheck={check}
      />
      <WalkFooter edition={edition} walk={walk} fillIn={fillIn}>
        <IconButton name={words.common.undo} disabled={!canUndo || locked} onClick={undo}>
          <Undo2 size={20} aria-hidden />
        </IconButton>
      </WalkFooter>
      <p aria-live="assertive" className="spoken">
        {spoken}
      </p>
    </div>
  );
}
