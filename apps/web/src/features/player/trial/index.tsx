/** A trial: the deck as a student sees it, filled in and walked, with nothing of it kept. */
import type { Deck } from '@gobrel/core/deck';
import { resumeShow, type ShowState, startShow } from '@gobrel/core/show';
import { emptyWork } from '@gobrel/core/work';
import { RotateCcw } from 'lucide-react';
import { useState } from 'react';
import { Link, useParams } from 'react-router';
import { Brand, SchemeButton } from '../../../app/frame';
import { deckReading, useDocument, useDocumentStatus, useObserved } from '../../../shared/sync';
import { Button, buttonClasses, Loading, usePageTitle } from '../../../shared/ui';
import { FilledInStage, keyJudge, FeedbackStrip, useOwnWork, useWalk, WalkFooter } from '../../walking';
import { messages } from '../../../shared/messages';
import { DeckNotOpen, NoSlides } from '../showing';

export function Screen() {
  const { deckId = '', slideId } = useParams();
  const document = useDocument(`deck:${deckId}`, 'teacher');
  const { ready, kept } = useDocumentStatus(document);
  const deck = useObserved(document, deckReading);
  if (kept === 'forbidden') return <DeckNotOpen />;
  if (!deck || !ready) return <Loading what={messages.show.deck} />;
  const start = startShow(deck, slideId);
  return start ? <Trial deckId={deckId} whole={deck} start={start} /> : <NoSlides deckId={deckId} />;
}

/** @param whole the deck with its keys: answers are judged by it, as the server does for a student */
function Trial({ deckId, whole, start }: { deckId: string; whole: Deck; start: ShowState }) {
  usePageTitle(messages.show.previewOf({ title: whole.title }));
  const { edition, work, fillIn, feedback, check, spoken, beginAnew } = useOwnWork(whole, 'author');
  const [state, setState] = useState(start);
  const walk = useWalk({ deck: edition, state, work, judge: keyJudge(whole, work), onMove: setState });
  return (
    <div className="flex h-full flex-col">
      <header className="flex flex-wrap items-center gap-x-3 gap-y-1 border-b border-rule px-3 py-1.5">
        <Brand />
        <h1 className="text-lg">{edition.title}</h1>
        <p className="text-soft">{messages.show.trying}</p>
        <span className="ms-auto flex items-center gap-2">
          <SchemeButton />
          <Link to={`/decks/${deckId}?slide=${walk.at}`} className={buttonClasses('main')}>
            {messages.show.tryEnd}
          </Link>
        </span>
      </header>
      <FilledInStage edition={edition} walk={walk} fillIn={fillIn} />
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
      <WalkFooter edition={edition} walk={walk} fillIn={fillIn}>
        <Button
          onClick={() => {
            beginAnew();
            setState(resumeShow(edition, emptyWork) ?? start);
          }}
        >
          <RotateCcw size={18} aria-hidden /> {messages.show.tryAgain}
        </Button>
      </WalkFooter>
      <p aria-live="assertive" className="spoken">
        {spoken}
      </p>
    </div>
  );
}
