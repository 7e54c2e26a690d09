/** The presenter's own screen: what is shown, what comes, notes and time, while the audience sees only the slide. */
import { type Deck, type Destination, newId, type SlideId } from '@gobrel/core/deck';
import { branchesOf, type Link, linksFrom, nextInOrder } from '@gobrel/core/routes';
import { type ShowState, startShow, stopsOf } from '@gobrel/core/show';
import { useRoom } from '@gobrel/slide-view';
import { Focus, MonitorUp, Moon, Timer } from 'lucide-react';
import { type ReactNode, useState } from 'react';
import { useNavigate, useParams, useSearchParams } from 'react-router';
import { Brand, SchemeButton } from '../../../app/frame';
import { deckReading, useDocument, useDocumentStatus, useObserved } from '../../../shared/sync';
import {
  HandButtons,
  type Show,
  showNotice,
  type ShowSheet,
  ShowSheets,
  StageWindow,
  StepButtons,
  Trail,
  useShow,
  useShowKeys,
} from '../showing';
import { Thumbnail } from '../../../shared/slides';
import { Button, Failing, IconButton, Loading, usePageTitle } from '../../../shared/ui';
import { destinationIn, messages, openWhen, slideName } from '../../../shared/messages';
import { Clock } from './clock';

export function Screen() {
  const { deckId = '', slideId } = useParams();
  const document = useDocument(`deck:${deckId}`, 'teacher');
  const { ready, kept } = useDocumentStatus(document);
  const deck = useObserved(document, deckReading);
  const [search, setSearch] = useSearchParams();
  const [own] = useState(newId);
  const channel = search.get('with');
  if (kept === 'forbidden') return <Failing message={messages.elsewhere.notYours} />;
  if (!deck || !ready) return <Loading what={messages.show.deck} />;
  const start = startShow(deck, slideId);
  if (!start) return <Failing message={messages.walking.noSlides} />;
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
  });
  const notes = deck.slides[walk.at]?.notes ?? '';
  return (
    <div className="flex h-full flex-col">
      <header className="flex flex-wrap items-center gap-x-3 border-b border-rule px-3 py-1">
        <Brand />
        <h1 className="min-w-0 truncate text-lg">{deck.title}</h1>
        <span className="ml-auto flex items-center gap-1">
          <Clock />
          <SchemeButton />
          <Button look="main" onClick={() => onAudience(walk.at)} title={messages.show.audienceHint}>
            <MonitorUp size={18} aria-hidden /> {messages.show.openAudience}
          </Button>
        </span>
      </header>
      <div className="flex min-h-0 flex-1 flex-col overflow-auto lg:flex-row lg:overflow-hidden">
        <main className="flex h-[74vw] min-w-0 flex-none flex-col p-3 lg:h-auto lg:flex-[3]">
          <h2 className="text-sm font-semibold text-soft">
            {messages.show.now}: {slideName(deck, walk.at)}
          </h2>
          <div ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden bg-[#101616]">
            <StageWindow show={show} space={space} />
          </div>
          <div className="flex flex-wrap items-center gap-1 pt-1">
            <StepButtons walk={walk} press={IconButton} />
            <IconButton name={messages.show.black} pressed={shared.black} onClick={() => set({ black: !shared.black })}>
              <Moon size={20} aria-hidden />
            </IconButton>
            <IconButton name={messages.show.whole} pressed={shared.whole} onClick={() => set({ whole: !shared.whole })}>
              <Focus size={20} aria-hidden />
            </IconButton>
            <HandButtons show={show} press={IconButton} />
            <IconButton name={messages.show.byItself} pressed={shared.goesOn} onClick={() => setGoesOn(!shared.goesOn)}>
              <Timer size={20} aria-hidden />
            </IconButton>
            <p role="status" className="min-w-0 flex-1 px-2 font-semibold text-clay">
              {showNotice(show)}
            </p>
          </div>
          <div className="flex">
            <Trail deck={deck} state={shared.state} walk={walk} most={6} />
          </div>
        </main>
        <aside
          aria-label={messages.show.then}
          className="flex min-w-72 flex-[1.35] flex-col gap-4 overflow-auto border-t border-rule lg:border-l lg:border-t-0 bg-card p-3"
        >
          <Part title={messages.show.then}>
            <Then show={show} />
          </Part>
          <LinksHere show={show} />
          <Part title={messages.show.notes}>
            {notes ? (
              <p className="whitespace-pre-wrap text-lg leading-snug">{notes}</p>
            ) : (
              <p className="text-soft">{messages.show.noNotes}</p>
            )}
          </Part>
          <Button onClick={() => setSheet('find')}>{messages.show.goTo}</Button>
        </aside>
      </div>
      <ShowSheets show={show} open={sheet} onClose={() => setSheet(null)} />
    </div>
  );
}

function Part({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section>
      <h2 className="mb-1 text-sm font-semibold text-soft">{title}</h2>
      {children}
    </section>
  );
}

/** What *next* leads to: a further step on this slide, another slide, or nothing. */
function Then({ show: { deck, walk } }: { show: Show }) {
  const stops = stopsOf(deck, walk.at);
  const here = walk.stop;
  const place = stops.findIndex((stop) => stop.viewpointId === here.viewpointId && stop.appeared === here.appeared);
  const onward = stops[place + 1];
  if (onward)
    return (
      <p className="font-semibold">
        {onward.viewpointId !== null && onward.viewpointId !== here.viewpointId
          ? deck.items[onward.viewpointId]?.name || messages.links.unnamedViewpoint
          : onward.appeared > here.appeared
            ? messages.show.moreAppears
            : messages.show.whole}
      </p>
    );
  if (deck.slides[walk.at]?.exits === 'links-only') return <p className="text-soft">{messages.show.thenLinks}</p>;
  const next = nextInOrder(deck, walk.at);
  if (!next) return <p className="text-soft">{messages.show.thenNothing}</p>;
  return (
    <>
      <Thumbnail deck={deck} slideId={next.id} width={220} />
      <p className="font-semibold">{slideName(deck, next.id)}</p>
    </>
  );
}

/** The links of the slide, each a press away, with the slides they lead to. */
function LinksHere({ show: { deck, walk } }: { show: Show }) {
  const links = linksFrom(deck, walk.at);
  if (links.length === 0) return null;
  return (
    <Part title={messages.show.linksLead}>
      <ul className="flex flex-col gap-2">
        {links.map((link, index) => (
          <li key={index}>
            <LinkHere deck={deck} link={link} onFollow={walk.follow} />
          </li>
        ))}
      </ul>
    </Part>
  );
}

function LinkHere({ deck, link, onFollow }: { deck: Deck; link: Link; onFollow: (destination: Destination) => void }) {
  const { destination } = link;
  const [first] = branchesOf(deck, link.from, destination);
  return (
    <button
      type="button"
      className="flex w-full items-center gap-2 rounded-md border border-rule p-1 text-left hover:border-clay"
      onClick={() => onFollow(destination)}
    >
      {first ? <Thumbnail deck={deck} slideId={first.slideId} width={84} /> : null}
      <span className="min-w-0">
        <span className="block truncate font-semibold text-clay">{link.carrier || messages.kinds.hotspot}</span>
        <span className="block truncate text-sm">{destinationIn(deck, destination)}</span>
        {destination.gate ? <span className="block text-sm text-soft">{openWhen(deck, destination.gate)}</span> : null}
      </span>
    </button>
  );
}
