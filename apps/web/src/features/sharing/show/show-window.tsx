/** A shared deck to walk through and fill in, for anybody; on a page of its own, or in a frame of somebody else's page. */
import type { ShownDeck } from '@gobrel/contract';
import { resumeShow, shownSlide, type ShowState, startShow } from '@gobrel/core/show';
import { emptyWork } from '@gobrel/core/work';
import { ExternalLink } from 'lucide-react';
import { useRef, useState } from 'react';
import { Brand, SchemeButton } from '../../../app/frame';
import { messages } from '../../../shared/messages';
import { DeadEnd, showToast, useFullScreen, usePageTitle } from '../../../shared/ui';
import { FeedbackStrip, FilledInStage, useGoingOn, useWalk, useWalkKeys, WalkFooter, WalkTools } from '../../walking';
import { TakeCopy } from './take-copy';
import { useLookerWork } from './use-looker-work';

interface ShowWindowProps {
  /** The last part of its web address. */
  readonly address: string;
  /** What opens it where it has a passcode; '' where it has none. */
  readonly pass: string;
  readonly shown: ShownDeck;
  readonly isEmbedded: boolean;
}

export function ShowWindow(props: ShowWindowProps) {
  const start = startShow(props.shown.deck);
  if (!start) return <DeadEnd title={messages.elsewhere.noSlidesTitle} text={messages.walking.noSlides} />;
  return <Walking {...props} start={start} />;
}

function Walking({ address, pass, shown, isEmbedded, start }: ShowWindowProps & { start: ShowState }) {
  const { deck } = shown;
  usePageTitle(deck.title);
  const says = messages.shown;
  const looker = useLookerWork(deck, `/shows/${address}/checks?pass=${pass}`);
  const { work, fillIn, feedback, judge, check, checking, spoken, beginAnew } = looker;
  const [kept, setState] = useState(start);
  // Its author may have deleted the slide meanwhile.
  const state = deck.slides[shownSlide(kept)] ? kept : start;
  const [goesOn, setGoesOn] = useState(deck.playing.byItself);
  const onDeck = () => showToast(says.otherDeck);
  const walk = useWalk({ deck, state, work, judge, onMove: setState, onDeck });
  const whole = useRef<HTMLDivElement>(null);
  const [isFull, toggleFull] = useFullScreen(whole);
  const pause = () => setGoesOn(false);
  useGoingOn({ deck, state, step: walk.step, goesOn, isPaused: false, onEnd: pause });
  useWalkKeys(walk, pause, toggleFull);
  const startOver = () => {
    beginAnew();
    setState(resumeShow(deck, emptyWork) ?? start);
  };
  return (
    <div ref={whole} className="flex h-full flex-col bg-paper" onPointerDown={goesOn ? pause : undefined}>
      {isEmbedded ? (
        <header className="spoken">
          <h1>{deck.title}</h1>
        </header>
      ) : (
        <header className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule px-3 py-1.5">
          <span className="hidden sm:block">
            <Brand />
          </span>
          <h1 className="min-w-0 flex-1 truncate text-lg">{deck.title}</h1>
          <span className="ms-auto flex items-center gap-2">
            <SchemeButton />
            <TakeCopy address={address} pass={pass} may={shown.may} />
          </span>
        </header>
      )}
      <FilledInStage edition={deck} walk={walk} fillIn={fillIn} />
      <FeedbackStrip
        key={walk.at}
        edition={deck}
        slideId={walk.at}
        work={work}
        feedback={feedback}
        locked={false}
        checking={checking}
        onCheck={check}
      />
      <WalkFooter edition={deck} walk={walk} fillIn={fillIn}>
        <WalkTools
          onStartOver={startOver}
          goesOn={deck.playing.byItself ? goesOn : null}
          onGoesOn={setGoesOn}
          isFull={isFull}
          onFull={toggleFull}
        />
        {isEmbedded ? (
          <a
            href={`/show/${address}`}
            target="_blank"
            rel="noopener noreferrer"
            aria-label={says.newWindow}
            title={says.newWindow}
            className="inline-flex size-control items-center justify-center rounded-md hover:bg-rule/50"
          >
            <ExternalLink size={20} aria-hidden />
          </a>
        ) : null}
      </WalkFooter>
      <p aria-live="assertive" className="spoken">
        {spoken}
      </p>
    </div>
  );
}
