/** The presenter's own screen: what is shown, what comes, notes and time, while the audience sees only the slide. */
import { type Deck, newId, slidesInOrder, type SlideId } from '@gobrel/core/deck';
import { linksFrom } from '@gobrel/core/routes';
import { type ShowState, startShow } from '@gobrel/core/show';
import { useRoom } from '@gobrel/slide-view';
import { MonitorUp, Moon, Search, Timer } from 'lucide-react';
import { useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { Brand, SchemeButton } from '../../../app/frame';
import { deckReading, useDocument, useDocumentStatus, useObserved } from '../../../shared/sync';
import {
  DeckNotOpen,
  NoSlides,
  HandButtons,
  showNotice,
  type ShowSheet,
  ShowSheets,
  StageWindow,
  StepButtons,
  useShow,
  useShowKeys,
} from '../showing';
import { LedSounds } from '../../walking';
import { ViewpointIcon } from '../../../shared/drawings';
import { Button, IconButton, Loading, usePageTitle } from '../../../shared/ui';
import { messages, slideName } from '../../../shared/messages';
import { Clock } from './clock';
import { LinkCards } from './link-cards';
import { Notes } from './notes';
import { PathStrip } from './path-strip';
import { UpNext } from './up-next';

export function Screen() {
  const { deckId = '', slideId } = useParams();
  const document = useDocument(`deck:${deckId}`, 'teacher');
  const { ready, kept } = useDocumentStatus(document);
  const deck = useObserved(document, deckReading);
  const [search, setSearch] = useSearchParams();
  const [own] = useState(newId);
  const channel = search.get('with');
  if (kept === 'forbidden') return <DeckNotOpen />;
  if (!deck || !ready) return <Loading what={messages.show.deck} />;
  const start = startShow(deck, slideId);
  if (!start) return <NoSlides deckId={deckId} />;
  const openAudience = (at: SlideId) => {
    const name = channel ?? own;
    if (channel === null) setSearch({ with: name }, { replace: true });
    window.open(`/decks/${deckId}/show/${at}?with=${name}`, `audience ${name}`, 'popup,width=1280,height=760');
  };
  return <Desk deckId={deckId} deck={deck} start={start} channel={channel ?? own} onAudience={openAudience} />;
}

interface DeskProps {
  readonly deckId: string;
  readonly deck: Deck;
  readonly start: ShowState;
  readonly channel: string;
  readonly onAudience: (at: SlideId) => void;
}

function Desk({ deckId, deck, start, channel, onAudience }: DeskProps) {
  const show = useShow(deck, start, channel, false);
  const { walk, shared, set, setGoesOn } = show;
  const [around, space] = useRoom<HTMLDivElement>();
  const [sheet, setSheet] = useState<ShowSheet | null>(null);
  const navigate = useNavigate();
  usePageTitle(messages.show.presenterOf({ title: deck.title }));
  useShowKeys(show, {
    onFull: () => onAudience(walk.at),
    onFind: () => setSheet('find'),
    onHelp: () => setSheet('keys'),
    onLeave: () => void navigate(`/decks/${deckId}?slide=${walk.at}`),
    onLink: (place) => {
      const link = linksFrom(deck, walk.at)[place];
      if (link) walk.follow(link.destination);
    },
  });
  const links = linksFrom(deck, walk.at);
  const order = slidesInOrder(deck);
  return (
    <div className="flex h-full flex-col">
      <header className="flex flex-wrap items-center gap-x-3 border-b border-rule px-3 py-1">
        <Brand />
        <h1 className="min-w-0 truncate text-lg">{deck.title}</h1>
        <span className="ms-auto flex items-center gap-2">
          <SchemeButton />
          <Button look={shared.black ? 'lasting' : 'plain'} onClick={() => set({ black: !shared.black })}>
            <Moon size={18} aria-hidden /> {shared.black ? messages.show.showAgain : messages.show.black}
          </Button>
          <Button look="main" onClick={() => onAudience(walk.at)} title={messages.show.audienceHint}>
            <MonitorUp size={18} aria-hidden /> {messages.show.openAudience}
          </Button>
        </span>
      </header>
      <div className="flex min-h-0 flex-1 flex-col overflow-auto lg:flex-row lg:overflow-hidden">
        <main className="flex min-w-0 flex-none flex-col px-3 py-2 lg:min-h-0 lg:flex-1">
          <h2 className="flex-none font-sans text-base">
            {slideName(deck, walk.at)}{' '}
            <span className="font-normal text-soft">
              {messages.show.slideOf({ number: order.findIndex(({ id }) => id === walk.at) + 1, of: order.length })}
            </span>
          </h2>
          {/* As large as its slide: what is left of the height is for links and path. */}
          <div
            ref={around}
            className="mt-1 flex h-[56vw] min-h-0 flex-none justify-start overflow-hidden lg:h-auto lg:flex-1"
          >
            <StageWindow show={show} space={space} plays={false} />
          </div>
          <LinkCards deck={deck} links={links} onFollow={walk.follow} />
          <div className="flex flex-none flex-wrap items-center gap-1 pt-1">
            <StepButtons walk={walk} press={IconButton} />
            <IconButton name={messages.show.whole} pressed={shared.whole} onClick={() => set({ whole: !shared.whole })}>
              <ViewpointIcon size={20} aria-hidden />
            </IconButton>
            <HandButtons show={show} press={IconButton} />
            <IconButton name={messages.show.byItself} pressed={shared.goesOn} onClick={() => setGoesOn(!shared.goesOn)}>
              <Timer size={20} aria-hidden />
            </IconButton>
            <Button look="quiet" onClick={() => setSheet('find')}>
              <Search size={18} aria-hidden /> {messages.show.goTo}
            </Button>
            {show.hasOthers ? (
              <LedSounds
                deck={deck}
                slideId={walk.at}
                playing={shared.sounds}
                onOrder={(soundOrder) => set({ soundOrder })}
              />
            ) : null}
            <p role="status" className="min-w-0 flex-1 px-2 font-semibold text-clay">
              {showNotice(show)}
            </p>
          </div>
        </main>
        <aside
          aria-label={messages.show.desk}
          className="flex flex-none flex-col border-t border-rule bg-card lg:min-h-0 lg:w-[36%] lg:min-w-80 lg:border-s lg:border-t-0"
        >
          <Clock />
          <Notes notes={deck.slides[walk.at]?.notes ?? ''} />
          <UpNext show={show} digits={Math.min(9, links.length)} />
        </aside>
      </div>
      <PathStrip deck={deck} state={shared.state} walk={walk} />
      <ShowSheets show={show} open={sheet} onClose={() => setSheet(null)} />
    </div>
  );
}
