/** A show in one file, walked through and filled in by whoever opens it. */
import type { ShowFileDeck } from '@gobrel/core/formats';
import { resumeShow, type ShowState, startShow } from '@gobrel/core/show';
import { applyWorkChanges, emptyWork, progressOver } from '@gobrel/core/work';
import { useEffect, useMemo, useRef, useState } from 'react';
import { messages } from '../../web/src/shared/messages';
import { useFullScreen } from '../../web/src/shared/ui';
import {
  FeedbackStrip,
  FilledInStage,
  type Judge,
  keyJudge,
  useGoingOn,
  useOwnWork,
  useWalk,
  useWalkKeys,
  WalkFooter,
  WalkTools,
} from '../../web/src/features/walking';
import { SaveWork } from './save-work';
import { keepWork, placeOf, readKeptWork } from './kept-walk';

/** Without keys nobody can say what is right: what waits for that is open. */
const openJudge: Judge = { isRight: () => true, ask: () => Promise.resolve(true) };

export function Player({ file }: { file: ShowFileDeck }) {
  const start = startShow(file.deck);
  if (!start) return <p className="p-8">{messages.walking.noSlides}</p>;
  return <Playing file={file} start={start} />;
}

function Playing({ file: { deck: whole, hasKeys }, start }: { file: ShowFileDeck; start: ShowState }) {
  const place = placeOf(whole);
  const begun = useMemo(() => readKeptWork(place), [place]);
  const { edition, work, fillIn, feedback, check, spoken, beginAnew } = useOwnWork(whole, 'looker', begun);
  const [state, setState] = useState(() => resumeShow(edition, begun) ?? start);
  const [goesOn, setGoesOn] = useState(whole.playing.byItself);
  const walk = useWalk({
    deck: edition,
    state,
    work,
    judge: hasKeys ? keyJudge(whole, work) : openJudge,
    onMove: setState,
  });
  const pause = () => setGoesOn(false);
  useGoingOn({ deck: edition, state, step: walk.step, goesOn, isPaused: false, onEnd: pause });
  const stage = useRef<HTMLDivElement>(null);
  const [isFull, toggleFull] = useFullScreen(stage);
  useWalkKeys(walk, pause, toggleFull);
  const asks = useMemo(() => progressOver(edition, emptyWork).asked > 0, [edition]);
  const kept = useMemo(() => applyWorkChanges(work, [walkedSoFar(state)]), [work, state]);
  useEffect(() => keepWork(place, kept), [place, kept]);
  return (
    <div ref={stage} className="flex h-full flex-col bg-paper" onPointerDown={goesOn ? pause : undefined}>
      <header className="spoken">
        <h1>{edition.title}</h1>
      </header>
      <FilledInStage edition={edition} walk={walk} fillIn={fillIn} />
      {hasKeys ? (
        <FeedbackStrip
          key={walk.at}
          edition={edition}
          slideId={walk.at}
          work={work}
          feedback={feedback}
          locked={false}
          checking={false}
          onCheck={check}
        />
      ) : null}
      <WalkFooter edition={edition} walk={walk} fillIn={fillIn}>
        <WalkTools
          onStartOver={() => {
            beginAnew();
            setState(start);
          }}
          goesOn={whole.playing.byItself ? goesOn : null}
          onGoesOn={setGoesOn}
          isFull={isFull}
          onFull={toggleFull}
        />
        {asks ? <SaveWork title={edition.title} work={kept} /> : null}
      </WalkFooter>
      <p aria-live="assertive" className="spoken">
        {spoken}
      </p>
    </div>
  );
}

/** The walk as work keeps it. */
function walkedSoFar(state: ShowState) {
  const slides = state.walk.map(({ slideId }) => slideId);
  return { part: 'walk' as const, walk: slides, seen: [...new Set(slides)] };
}
