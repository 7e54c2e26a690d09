/** The slide between where it is reached from and where it leads, tied by lines to what carries the links. */
import type { Deck, SlideId } from '@gobrel/core/deck';
import type { Box } from '@gobrel/core/geometry';
import { endsOfItself, firstSlide, type Link } from '@gobrel/core/routes';
import { Link2, LockKeyhole } from 'lucide-react';
import { type ReactNode, useMemo, useRef } from 'react';
import { isCoarsePointer } from '../../../shared/ui';
import { Thumbnail } from '../../../shared/slides';
import { branchCalled, destinationIn, listed, messages, openWhen, slideName } from '../../../shared/messages';
import { select } from '../state/desk';
import { destinationIcons } from '../links/destination-icons';
import { type Arrival, arrivals, type Departure, departures } from './route-ends';
import { CARD, type RouteLayout, type Side } from './route-layout';
import { carrierBox, RouteLines } from './route-lines';
import { useLinkedWords } from './use-linked-words';

interface RouteCardsProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  /** The whole area, in CSS pixels. */
  readonly area: { readonly width: number; readonly height: number };
  readonly layout: RouteLayout;
  readonly onGo: (slideId: SlideId) => void;
  readonly children: ReactNode;
}

export function RouteCards({ deck, slideId, area, layout, onGo, children }: RouteCardsProps) {
  const element = useRef<HTMLDivElement>(null);
  const arriving = useMemo(() => arrivals(deck, slideId), [deck, slideId]);
  const leaving = useMemo(() => departures(deck, slideId), [deck, slideId]);
  const links = useMemo(() => leaving.flatMap(({ link }) => link ?? []), [leaving]);
  const words = useLinkedWords(element, links, layout);
  const begins = firstSlide(deck)?.id === slideId;
  const ends = deck.slides[slideId]?.ending === true || endsOfItself(deck, slideId) !== null;
  const shownArriving = withCards(arriving.slice(0, layout.fits.arriving), 'arriving', layout, () => null);
  const shownLeaving = withCards(leaving.slice(0, layout.fits.leaving), 'leaving', layout, (way) => {
    const carrier = carrierBox(deck, layout, way, words);
    return carrier && carrier.x + carrier.width / 2;
  });
  return (
    <div ref={element} className="absolute inset-0 overflow-hidden">
      {children}
      <RouteLines
        deck={deck}
        area={area}
        layout={layout}
        arriving={shownArriving}
        leaving={shownLeaving}
        unseen={leaving.slice(layout.fits.leaving)}
        words={words}
      />
      <nav aria-label={messages.editor.reachedFrom}>
        <Heading
          layout={layout}
          side="arriving"
          count={shownArriving.length}
          more={arriving.length - shownArriving.length}
        >
          {arriving.length > 0
            ? messages.editor.reachedFrom
            : begins
              ? messages.editor.beginsHere
              : messages.editor.reachedByNone}
        </Heading>
        {shownArriving.map(([way, card]) => (
          <ArrivingCard key={way.from} deck={deck} way={way} card={card} flat={layout.inRows} onGo={onGo} />
        ))}
      </nav>
      <nav aria-label={messages.editor.leadsTo}>
        <Heading layout={layout} side="leaving" count={shownLeaving.length} more={leaving.length - shownLeaving.length}>
          {leaving.length > 0
            ? messages.editor.leadsTo
            : ends
              ? messages.editor.endsHere
              : messages.editor.leadsNowhere}
        </Heading>
        {shownLeaving.map(([way, card]) => (
          <LeavingCard key={way.key} deck={deck} way={way} card={card} flat={layout.inRows} onGo={onGo} />
        ))}
      </nav>
    </div>
  );
}

/** What leads here or away, each with the box of its card, in the order in which the cards stand. */
function withCards<T>(
  ways: readonly T[],
  side: Side,
  layout: RouteLayout,
  wantedAt: (way: T) => number | null,
): readonly (readonly [T, Box])[] {
  const boxes = layout.cards(side, ways.map(wantedAt));
  const placed = ways.flatMap((way, index): (readonly [T, Box])[] => {
    const box = boxes[index];
    return box ? [[way, box]] : [];
  });
  return layout.inRows ? placed.sort(([, a], [, b]) => a.x - b.x) : placed;
}

function boxStyle({ x, y, width, height }: Box) {
  return { left: x, top: y, width, height };
}

interface HeadingProps {
  readonly layout: RouteLayout;
  readonly side: Side;
  readonly count: number;
  /** How many have no card, for lack of room. */
  readonly more: number;
  readonly children: ReactNode;
}

function Heading({ layout, side, count, more, children }: HeadingProps) {
  const { x, y } = layout.heading(side, count);
  return (
    <div className="absolute rounded bg-paper text-xs text-soft" style={{ left: x, top: y }}>
      <h2 className="font-sans text-xs font-semibold whitespace-nowrap">{children}</h2>
      {more > 0 && layout.inRows ? <p>{messages.editor.more({ count: more })}</p> : null}
      {more > 0 && !layout.inRows ? <p className="spoken">{messages.editor.more({ count: more })}</p> : null}
    </div>
  );
}

interface CardProps<T> {
  readonly deck: Deck;
  readonly way: T;
  readonly card: Box;
  /** Whether the words stand beside the picture, not under it. */
  readonly flat: boolean;
  readonly onGo: (slideId: SlideId) => void;
}

const FLAT_CARD = 'flex items-center gap-2 rounded-md border border-rule bg-card';

function ArrivingCard({ deck, way: { from, byOrder }, card, flat, onGo }: CardProps<Arrival>) {
  return (
    <button
      type="button"
      data-slide={from}
      className={`absolute text-start text-xs font-semibold hover:border-edge ${flat ? `${FLAT_CARD} px-1` : 'rounded bg-paper hover:underline'}`}
      style={flat ? boxStyle(card) : { left: card.x, top: card.y, width: card.width }}
      onClick={() => onGo(from)}
    >
      <Thumbnail deck={deck} slideId={from} width={flat ? CARD.arriving.picture : CARD.beside.picture} />
      <span className="min-w-0 flex-1">
        <span className={`block truncate ${flat ? '' : 'pt-1'}`}>{slideName(deck, from)}</span>
        {byOrder ? <span className="block truncate font-normal text-soft">{messages.editor.byOrder}</span> : null}
      </span>
    </button>
  );
}

function LeavingCard({ deck, way, card, flat, onGo }: CardProps<Departure>) {
  const { destination, target } = way;
  const Icon = destinationIcons[destination.to];
  const isBroken = target === null && destination.to === 'slide';
  if (!flat)
    return (
      <div
        className={`absolute rounded bg-paper ${target === null ? 'pt-3.5' : ''}`}
        style={{ left: card.x, top: card.y, width: card.width }}
      >
        {target === null ? (
          <span className={`flex items-center gap-1.5 text-xs font-semibold ${isBroken ? 'text-berry' : ''}`}>
            <Icon size={16} aria-hidden /> <span className="truncate">{destinationIn(deck, destination)}</span>
          </span>
        ) : (
          <button
            type="button"
            data-slide={target}
            className="block max-w-full text-start text-xs font-semibold hover:underline"
            onClick={() => onGo(target)}
          >
            <Thumbnail deck={deck} slideId={target} width={CARD.beside.picture} />
            <span className="block truncate pt-1">{slideName(deck, target)}</span>
          </button>
        )}
        <Carrier deck={deck} way={way} />
      </div>
    );
  if (target !== null && isCoarsePointer())
    return (
      <button
        type="button"
        data-slide={target}
        className={`absolute px-1 text-start ${FLAT_CARD}`}
        style={boxStyle(card)}
        onClick={() => onGo(target)}
      >
        <Thumbnail deck={deck} slideId={target} width={CARD.leaving.picture} />
        <span className="min-w-0 flex-1 font-semibold">
          <span className="block truncate text-sm">{slideName(deck, target)}</span>
          <span className="block text-xs text-clay">
            <CarrierName deck={deck} way={way} />
          </span>
        </span>
      </button>
    );
  return (
    <div className={`absolute px-1 ${FLAT_CARD} ${isBroken ? '!border-berry' : ''}`} style={boxStyle(card)}>
      {target === null ? (
        <span className="flex w-8 flex-none justify-center">
          <Icon size={20} aria-hidden className={isBroken ? 'text-berry' : ''} />
        </span>
      ) : (
        // The name beside it does the same, and is what is reached by keys.
        <button type="button" tabIndex={-1} aria-hidden className="flex-none" onClick={() => onGo(target)}>
          <Thumbnail deck={deck} slideId={target} width={CARD.leaving.picture} />
        </button>
      )}
      <span className="flex min-w-0 flex-1 flex-col">
        {target === null ? (
          <span className={`truncate text-sm font-semibold ${isBroken ? 'text-berry' : ''}`}>
            {destinationIn(deck, destination)}
          </span>
        ) : (
          <button
            type="button"
            data-slide={target}
            className="min-h-6 truncate text-start text-sm font-semibold hover:underline"
            onClick={() => onGo(target)}
          >
            {slideName(deck, target)}
          </button>
        )}
        <Carrier deck={deck} way={way} />
      </span>
    </div>
  );
}

/** What carries the link, to be selected by a press. */
function Carrier({ deck, way }: { deck: Deck; way: Departure }) {
  const { link, destination } = way;
  if (!link) return <span className="block truncate text-xs text-soft">{messages.editor.byOrder}</span>;
  return (
    <button
      type="button"
      // By touch all of the card that does nothing else takes the press.
      className="block min-h-6 max-w-full text-start text-xs font-semibold text-clay hover:underline pointer-coarse:after:absolute pointer-coarse:after:inset-x-0 pointer-coarse:after:bottom-0 pointer-coarse:after:h-11"
      aria-label={listed([
        messages.editor.by({ carrier: carrierName(deck, link) }),
        destination.gate ? openWhen(deck, destination.gate) : '',
      ])}
      title={destination.gate ? openWhen(deck, destination.gate) : undefined}
      onClick={() => select(link.itemId)}
    >
      <CarrierName deck={deck} way={way} />
    </button>
  );
}

function CarrierName({ deck, way: { link, destination, answer } }: { deck: Deck; way: Departure }) {
  if (!link) return <span className="block truncate font-normal text-soft">{messages.editor.byOrder}</span>;
  const Sign = destination.gate ? LockKeyhole : Link2;
  return (
    <>
      <span className="block truncate">
        <Sign size={12} aria-hidden className="me-0.5 inline" />
        {carrierName(deck, link)}
        {answer && destination.to === 'by-answer' ? ` ${branchCalled(deck.items[destination.questionId], answer)}` : ''}
      </span>
      {destination.gate ? <span className="spoken">{openWhen(deck, destination.gate)}</span> : null}
    </>
  );
}

/** What carries a link, by its words or its kind. */
function carrierName(deck: Deck, { carrier, itemId }: Link): string {
  return carrier || messages.kinds[deck.items[itemId]?.kind ?? 'hotspot'];
}
