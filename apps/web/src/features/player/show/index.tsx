/** The show: plays a deck from any slide, in a window of its own or together with the presenter's screen. */
import { type Deck, keepWalk, newId } from '@gobrel/core/deck';
import { writeChanges } from '@gobrel/core/shared-doc';
import { type ShowState, slidesWalked, startShow, takeStep } from '@gobrel/core/show';
import { useRoom } from '@gobrel/slide-view';
import { CircleHelp, Expand, Footprints, MonitorUp, Moon, QrCode, Search, Shrink, Timer, X } from 'lucide-react';
import { useRef, useState } from 'react';
import { Link, useNavigate, useParams, useSearchParams } from 'react-router';
import { deckReading, type OpenDocument, useDocument, useDocumentStatus, useObserved } from '../../../shared/sync';
import {
  DeckNotOpen,
  NoSlides,
  HandButtons,
  showNotice,
  type ShowSheet,
  ShowSheets,
  StageWindow,
  StepButtons,
  Trail,
  useShow,
  useShowKeys,
} from '../showing';
import { FollowCode, FollowDialog, useFollowing } from '../../sharing';
import { ViewpointIcon } from '../../../shared/drawings';
import { IconButton, Loading, Menu, MenuEntry, showToast, useFullScreen, usePageTitle } from '../../../shared/ui';
import { messages } from '../../../shared/messages';

export function Screen() {
  const { deckId = '', slideId } = useParams();
  const [search] = useSearchParams();
  const document = useDocument(`deck:${deckId}`, 'teacher');
  const { ready, kept, writable } = useDocumentStatus(document);
  const deck = useObserved(document, deckReading);
  const at = search.get('at');
  if (kept === 'forbidden') return <DeckNotOpen />;
  if (!deck || !ready || !document) return <Loading what={messages.show.deck} />;
  const start = startAt(deck, slideId, at);
  if (!start) return <NoSlides deckId={deckId} />;
  return <Window key={deckId} deckId={deckId} document={document} deck={deck} start={start} isOwn={writable} />;
}

/** A show that begins at a slide, or at a viewpoint on it. */
function startAt(deck: Deck, slideId: string | undefined, viewpointId: string | null): ShowState | null {
  const start = startShow(deck, slideId);
  if (!start || viewpointId === null) return start;
  const looked = takeStep(deck, start, { type: 'look', viewpointId });
  return looked.type === 'moved' ? looked.state : start;
}

interface WindowProps {
  readonly deckId: string;
  readonly document: OpenDocument;
  readonly deck: Deck;
  readonly start: ShowState;
  /** Whether whoever shows it may edit it: a viewer keeps nothing in it, and lets nobody else see it. */
  readonly isOwn: boolean;
}

function Window({ deckId, document, deck, start, isOwn }: WindowProps) {
  usePageTitle(deck.title);
  const [search, setSearch] = useSearchParams();
  const channel = search.get('with');
  const show = useShow(deck, start, channel, true);
  const { walk, shared, set, setGoesOn } = show;
  const [around, space] = useRoom<HTMLDivElement>();
  const stage = useRef<HTMLDivElement>(null);
  const [isFull, toggleFull] = useFullScreen(stage);
  const [sheet, setSheet] = useState<ShowSheet | null>(null);
  const navigate = useNavigate();
  const following = useFollowing(deckId, walk.stop);
  const [inviting, setInviting] = useState(false);
  const [codeOn, setCodeOn] = useState<boolean | null>(null);
  // Whoever comes late comes on call; at the beginning everybody does.
  const showsCode = following.address !== null && (codeOn ?? shared.state.walk.length === 1);
  const leave = `/decks/${deckId}?slide=${walk.at}`;
  useShowKeys(show, {
    onFull: toggleFull,
    onFind: () => setSheet('find'),
    onHelp: () => setSheet('keys'),
    onLeave: () => {
      following.end();
      void navigate(leave);
    },
  });
  const openOwn = () => {
    const name = channel ?? newId();
    setSearch((before) => ({ ...Object.fromEntries(before), with: name }), { replace: true });
    window.open(`/decks/${deckId}/present/${walk.at}?with=${name}`, `presenter ${name}`, 'popup,width=1100,height=720');
  };
  const keep = () => {
    const name = messages.show.walkName({ at: new Date() });
    writeChanges(document.doc, keepWalk(deck, { id: newId(), name, slides: slidesWalked(shared.state) }));
    showToast(messages.show.walkKept);
  };
  const note = showNotice(show);
  return (
    <div ref={stage} className="relative flex h-full flex-col bg-[#101616] text-[#efe8da]">
      <main ref={around} className="flex min-h-0 flex-1 items-center justify-center overflow-hidden">
        <h1 className="spoken">{deck.title}</h1>
        <StageWindow show={show} space={space} plays />
        {showsCode ? (
          <FollowCode
            address={following.address}
            className="pointer-events-none absolute end-6 top-6 z-10 size-[min(32vh,32vw)]"
          />
        ) : null}
      </main>
      <footer className="flex items-center gap-1 px-3 py-1">
        <StepButtons walk={walk} press={Press} />
        <p role="status" className={note ? 'min-w-0 flex-1 truncate px-3 text-center font-semibold' : 'spoken'}>
          {note}
        </p>
        {note ? null : <Trail deck={deck} state={shared.state} walk={walk} most={4} />}
        <span className="hidden items-center sm:flex">
          <Press name={messages.show.goTo} onClick={() => setSheet('find')}>
            <Search size={20} aria-hidden />
          </Press>
          <HandButtons show={show} press={Press} />
          {isOwn ? (
            <Press
              name={messages.following.action}
              pressed={following.address !== null}
              onClick={() => setInviting(true)}
            >
              <QrCode size={20} aria-hidden />
            </Press>
          ) : null}
        </span>
        <Menu
          trigger={
            <button
              type="button"
              className="min-h-11 rounded-md px-3 font-semibold hover:bg-white/15"
              aria-label={messages.show.more}
            >
              {messages.show.more}
            </button>
          }
        >
          <MenuEntry onSelect={() => setSheet('find')}>
            <Search size={18} aria-hidden /> {messages.show.goTo}
          </MenuEntry>
          <MenuEntry onSelect={() => set({ whole: !shared.whole })}>
            <ViewpointIcon size={18} aria-hidden /> {messages.show.whole}
          </MenuEntry>
          <MenuEntry onSelect={() => set({ black: true })}>
            <Moon size={18} aria-hidden /> {messages.show.black}
          </MenuEntry>
          <MenuEntry onSelect={() => setGoesOn(!shared.goesOn)}>
            <Timer size={18} aria-hidden /> {messages.show.byItself}
          </MenuEntry>
          {isOwn ? (
            <>
              <MenuEntry onSelect={keep}>
                <Footprints size={18} aria-hidden /> {messages.show.saveWalk}
              </MenuEntry>
              <MenuEntry onSelect={() => setInviting(true)}>
                <QrCode size={18} aria-hidden /> {messages.following.action}
              </MenuEntry>
            </>
          ) : null}
          <MenuEntry onSelect={openOwn}>
            <MonitorUp size={18} aria-hidden /> {messages.show.mine}
          </MenuEntry>
          <MenuEntry onSelect={() => setSheet('keys')}>
            <CircleHelp size={18} aria-hidden /> {messages.show.keysTitle}
          </MenuEntry>
        </Menu>
        <Press name={isFull ? messages.show.leaveFull : messages.show.full} onClick={toggleFull}>
          {isFull ? <Shrink size={20} aria-hidden /> : <Expand size={20} aria-hidden />}
        </Press>
        <Link
          to={leave}
          onClick={following.end}
          aria-label={messages.show.end}
          title={messages.show.end}
          className="inline-flex size-11 flex-none items-center justify-center rounded-md hover:bg-white/15"
        >
          <X size={22} aria-hidden />
        </Link>
      </footer>
      <ShowSheets show={show} open={sheet} onClose={() => setSheet(null)} />
      {inviting ? (
        <FollowDialog
          following={following}
          isOnSlide={showsCode}
          onSlide={setCodeOn}
          onClose={() => setInviting(false)}
        />
      ) : null}
    </div>
  );
}

/** A button on the dark rim of the show. */
function Press(props: React.ComponentProps<typeof IconButton>) {
  return <IconButton {...props} className={props.pressed ? '!bg-[#efe8da] !text-[#101616]' : 'hover:bg-white/15'} />;
}
