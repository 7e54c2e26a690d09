/** The show: plays a deck from any slide, by keys, on-screen controls and links. */
import type { Deck } from '@gobrel/core/deck';
import { type ShowState, startShow } from '@gobrel/core/show';
import { SlideView, useFittedWidth } from '@gobrel/slide-view';
import { ArrowLeft, ArrowRight, CornerUpLeft, Expand, Shrink, X } from 'lucide-react';
import { useEffect, useRef, useState } from 'react';
import { Link, useNavigate, useParams } from 'react-router';
import { deckReading, useDocument, useDocumentStatus, useObserved } from '../../live';
import { slideName } from '../../slides';
import { Failing, IconButton, Loading } from '../../ui';
import { useWalk } from '../../walking';
import { words } from '../../words';
import { useFullScreen } from './use-full-screen';

export function Screen() {
  const { deckId = '', slideId } = useParams();
  const document = useDocument(`deck:${deckId}`, 'teacher');
  const { ready, kept } = useDocumentStatus(document);
  const deck = useObserved(document, deckReading);
  if (kept === 'forbidden') return <Failing message={words.editor.notYours} />;
  if (!deck || !ready) return <Loading what={words.show.deck} />;
  const start = startShow(deck, slideId);
  return start ? <Show deckId={deckId} deck={deck} start={start} /> : <Failing message={words.show.noSlides} />;
}

function Show({ deckId, deck, start }: { deckId: string; deck: Deck; start: ShowState }) {
  const [state, setState] = useState(start);
  const walk = useWalk(deck, state, setState);
  const [around, width] = useFittedWidth<HTMLDivElement>(deck.size);
  const stage = useRef<HTMLDivElement>(null);
  const [isFull, toggleFull] = useFullScreen(stage);
  const navigate = useNavigate();
  const { step } = walk;

  useEffect(() => {
    // Keys work wherever the focus is, but for fields and links that use them themselves.
    const onKey = (event: KeyboardEvent) => {
      const target = event.target as HTMLElement;
      if (event.ctrlKey || event.metaKey || event.altKey || target.closest('input, textarea')) return;
      const pressesSomething = target.closest('button, a, [role="link"]') !== null;
      if (['ArrowRight', 'PageDown'].includes(event.key) || (event.key === ' ' && !pressesSomething))
        step({ type: 'next' });
      else if (['ArrowLeft', 'PageUp', 'Backspace'].includes(event.key)) step({ type: 'back' });
      else if (event.key === 'Home') step({ type: 'restart' });
      else if (event.key === 'f') toggleFull();
      else if (event.key === 'Escape' && !window.document.fullscreenElement)
        void navigate(`/decks/${deckId}?slide=${walk.at}`);
      else return;
      event.preventDefault();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [step, toggleFull, navigate, deckId, walk.at]);

  return (
    <div ref={stage} className="flex h-full flex-col bg-[#101616] text-[#efe8da]">
      <main ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden">
        {width > 0 ? (
          <SlideView
            deck={deck}
            slideId={walk.at}
            width={width}
            follow={walk.follow}
            label={slideName(deck, walk.at)}
          />
        ) : null}
      </main>
      <footer className="flex items-center gap-1 px-3 py-1">
        <IconButton
          name={words.show.back}
          disabled={!walk.canGoBack}
          onClick={() => step({ type: 'back' })}
          className="hover:bg-white/15"
        >
          <ArrowLeft size={22} aria-hidden />
        </IconButton>
        <IconButton name={words.show.next} onClick={() => step({ type: 'next' })} className="hover:bg-white/15">
          <ArrowRight size={22} aria-hidden />
        </IconButton>
        <IconButton name={words.show.restart} onClick={() => step({ type: 'restart' })} className="hover:bg-white/15">
          <CornerUpLeft size={20} aria-hidden />
        </IconButton>
        <p role="status" className="min-w-0 flex-1 truncate px-3 text-center font-semibold">
          {walk.notice ?? slideName(deck, walk.at)}
        </p>
        <IconButton
          name={isFull ? words.show.leaveFull : words.show.full}
          onClick={toggleFull}
          className="hover:bg-white/15"
        >
          {isFull ? <Shrink size={20} aria-hidden /> : <Expand size={20} aria-hidden />}
        </IconButton>
        <Link
          to={`/decks/${deckId}?slide=${walk.at}`}
          aria-label={words.show.end}
          title={words.show.end}
          className="inline-flex size-11 items-center justify-center rounded-md hover:bg-white/15"
        >
          <X size={22} aria-hidden />
        </Link>
      </footer>
    </div>
  );
}
