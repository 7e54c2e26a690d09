/** The slide between where it is reached from and where it leads, tied by lines to the items that carry the links. */
import { type BranchAnswer, type Deck, type Destination, type SlideId, sizeOf } from '@gobrel/core/deck';
import {
  branchesOf,
  endsOfItself,
  firstSlide,
  type Link,
  linksFrom,
  linksTo,
  onwardByOrder,
  reachedByOrder,
} from '@gobrel/core/routes';
import type { Box, Frame, Point } from '@gobrel/core/geometry';
import { LockKeyhole } from 'lucide-react';
import { type ReactNode, useMemo } from 'react';
import { Thumbnail } from '../../../shared/slides';
import { branchCalled, destinationIn, messages, openWhen, slideName } from '../../../shared/messages';
import { select } from '../state/desk';
import { destinationIcons } from '../links/destination-icons';
import { CARD, type RouteLayout, type Side } from './route-layout';

interface RouteCardsProps {
  readonly deck: Deck;
  readonly slideId: SlideId;
  /** The whole area, in CSS pixels. */
  readonly area: Area;
  readonly layout: RouteLayout;
  readonly onGo: (slideId: SlideId) => void;
  readonly children: ReactNode;
}

export function RouteCards({ deck, slideId, area, layout, onGo, children }: RouteCardsProps) {
  const arriving = useMemo(() => arrivals(deck, slideId), [deck, slideId]);
  const leaving = useMemo(() => departures(deck, slideId), [deck, slideId]);
  const begins = firstSlide(deck)?.id === slideId;
  const ends = deck.slides[slideId]?.ending === true || endsOfItself(deck, slideId) !== null;
  const shownArriving = arriving.slice(0, layout.fits);
  const shownLeaving = leaving.slice(0, layout.fits);
  return (
    <div className="absolute inset-0 overflow-hidden">
      {children}
      <nav aria-label={messages.editor.reachedFrom}>
        <Heading layout={layout} side="arriving" count={shownArriving.length}>
          {arriving.length > 0
            ? messages.editor.reachedFrom
            : begins
              ? messages.editor.beginsHere
              : messages.editor.reachedByNone}
        </Heading>
        {shownArriving.map(({ from, byOrder }, index) => (
          <button
            key={from}
            type="button"
            data-slide={from}
            className="absolute w-[100px] rounded bg-paper text-left text-xs font-semibold hover:underline"
            style={placed(layout.card('arriving', index, shownArriving.length))}
            onClick={() => onGo(from)}
          >
            <Thumbnail deck={deck} slideId={from} width={CARD.picture} />
            <span className="block truncate pt-1">{slideName(deck, from)}</span>
            {byOrder ? <span className="block font-normal text-soft">{messages.editor.byOrder}</span> : null}
          </button>
        ))}
        <More count={arriving.length - shownArriving.length} side="left" />
      </nav>
      <nav aria-label={messages.editor.leadsTo}>
        <Heading layout={layout} side="leaving" count={shownLeaving.length}>
          {leaving.length > 0
            ? messages.editor.leadsTo
            : ends
              ? messages.editor.endsHere
              : messages.editor.leadsNowhere}
        </Heading>
        {shownLeaving.map((way, index) => (
          <LeavingCard
            key={way.key}
            deck={deck}
            way={way}
            at={layout.card('leaving', index, shownLeaving.length)}
            narrow={layout.stacked}
            onGo={onGo}
          />
        ))}
        <More count={leaving.length - shownLeaving.length} side="right" />
      </nav>
      <svg className="pointer-events-none absolute inset-0" width={area.width} height={area.height} aria-hidden>
        <defs>
          <marker id="route-end" viewBox="0 0 10 10" refX="9" refY="5" markerWidth="7" markerHeight="7" orient="auto">
            <path d="M1 1 L9 5 L1 9" fill="none" stroke="var(--clay)" strokeWidth="1.6" />
          </marker>
        </defs>
        {shownArriving.map(({ from, byOrder }, index) => {
          const start = layout.port('arriving', index, shownArriving.length);
          return (
            <Line
              key={from}
              from={start}
              to={edgeOf(layout, area, 'arriving', start)}
              stacked={layout.stacked}
              faint={byOrder}
            />
          );
        })}
        {shownLeaving.map((way, index) => {
          const end = layout.port('leaving', index, shownLeaving.length);
          const frame = way.link && deck.items[way.link.itemId]?.frame;
          const start = frame ? carrierPoint(deck, layout, area, frame) : edgeOf(layout, area, 'leaving', end);
          return (
            <g key={way.key}>
              {frame ? <circle cx={start.x} cy={start.y} r={4} fill="var(--clay)" /> : null}
              <Line from={start} to={end} stacked={layout.stacked} faint={!frame} />
            </g>
          );
        })}
      </svg>
    </div>
  );
}

function placed(at: Point): { left: number; top: number } {
  return { left: at.x, top: at.y };
}

const within = (value: number, least: number, most: number) => Math.min(Math.max(value, least), most);

interface Area {
  readonly width: number;
  readonly height: number;
}

/** The part of a zoomed slide that is in sight. */
function inSight(slide: Box, area: Area): Box {
  const [x, y] = [Math.max(0, slide.x), Math.max(0, slide.y)];
  return {
    x,
    y,
    width: Math.max(20, Math.min(area.width, slide.x + slide.width) - x),
    height: Math.max(20, Math.min(area.height, slide.y + slide.height) - y),
  };
}

/** Where a line touches the slide's edge on a side, next to a card's port. */
function edgeOf({ slide: whole, stacked }: RouteLayout, area: Area, side: Side, port: Point): Point {
  const slide = inSight(whole, area);
  if (stacked) {
    const x = within(port.x, slide.x + 8, slide.x + slide.width - 8);
    return { x, y: side === 'arriving' ? slide.y - 2 : slide.y + slide.height + 2 };
  }
  const y = within(port.y, slide.y + 8, slide.y + slide.height - 8);
  return { x: side === 'arriving' ? slide.x - 2 : slide.x + slide.width + 2, y };
}

/** Where a line leaves the item that carries its link: on the side towards the cards, but on the slide. */
function carrierPoint(deck: Deck, { slide, stacked }: RouteLayout, area: Area, frame: Frame): Point {
  const scale = slide.width / sizeOf(deck).width;
  const x = slide.x + (frame.x + (stacked ? frame.width / 2 : frame.width)) * scale;
  const y = slide.y + (frame.y + (stacked ? frame.height : frame.height / 2)) * scale;
  const seen = inSight(slide, area);
  return { x: within(x, seen.x, seen.x + seen.width - 4), y: within(y, seen.y, seen.y + seen.height - 4) };
}

function Heading({
  layout,
  side,
  count,
  children,
}: {
  layout: RouteLayout;
  side: Side;
  count: number;
  children: ReactNode;
}) {
  const { x, y } = layout.card(side, 0, count);
  return (
    <h2
      className="absolute rounded bg-paper font-sans text-xs font-semibold text-soft"
      style={{ left: x, top: y - 20 }}
    >
      {children}
    </h2>
  );
}

/** A slide from which this one is reached, by a link or only by the running order. */
interface Arrival {
  readonly from: SlideId;
  readonly byOrder: boolean;
}

/** A way on from this slide: a link, one branch of a link that goes by an answer, or the running order. */
interface Departure {
  readonly key: string;
  /** `null` for the running order. */
  readonly link: Link | null;
  readonly destination: Destination;
  /** The slide it leads to; `null` for what leads to no slide of its own. */
  readonly target: SlideId | null;
  readonly answer: BranchAnswer | null;
}

function arrivals(deck: Deck, slideId: SlideId): readonly Arrival[] {
  const linked = [...new Set(linksTo(deck, slideId).map((link) => link.from))];
  const ordered = reachedByOrder(deck, slideId)
    .map((slide) => slide.id)
    .filter((id) => !linked.includes(id));
  return [...linked.map((from) => ({ from, byOrder: false })), ...ordered.map((from) => ({ from, byOrder: true }))];
}

function departures(deck: Deck, slideId: SlideId): readonly Departure[] {
  const next = onwardByOrder(deck, slideId);
  const links = linksFrom(deck, slideId).flatMap((link, index): Departure[] => {
    const { destination } = link;
    const key = `${link.itemId} ${index}`;
    const branches = branchesOf(deck, slideId, destination);
    if (branches.length === 0) return [{ key, link, destination, target: null, answer: null }];
    return branches.map(({ slideId: target, answer }, branch) => ({
      key: `${key} ${branch}`,
      link,
      destination,
      target,
      answer,
    }));
  });
  const onward = next && { to: 'slide' as const, slideId: next.id };
  return onward
    ? [...links, { key: 'next', link: null, destination: onward, target: onward.slideId, answer: null }]
    : links;
}

interface LineProps {
  readonly from: Point;
  readonly to: Point;
  readonly stacked: boolean;
  /** Whether it stands for the running order and not for a link. */
  readonly faint: boolean;
}

function Line({ from, to, stacked, faint }: LineProps) {
  const bend = Math.max(24, Math.abs(stacked ? to.y - from.y : to.x - from.x) / 2);
  const [bx, by] = stacked ? [0, bend] : [bend, 0];
  return (
    <path
      d={`M${from.x} ${from.y} C${from.x + bx} ${from.y + by} ${to.x - bx} ${to.y - by} ${to.x} ${to.y}`}
      fill="none"
      stroke={faint ? 'var(--edge)' : 'var(--clay)'}
      strokeWidth={faint ? 1.5 : 2}
      strokeDasharray={faint ? '2 5' : undefined}
      markerEnd={faint ? undefined : 'url(#route-end)'}
    />
  );
}

interface LeavingCardProps {
  readonly deck: Deck;
  readonly way: Departure;
  readonly at: Point;
  readonly narrow: boolean;
  readonly onGo: (slideId: SlideId) => void;
}

function LeavingCard({ deck, way: { link, destination, target, answer }, at, narrow, onGo }: LeavingCardProps) {
  const width = narrow ? 'w-[106px]' : 'w-[130px]';
  const by = link ? (
    <button
      type="button"
      className="relative block min-h-6 max-w-full text-left text-xs font-semibold text-clay hover:underline pointer-coarse:after:absolute pointer-coarse:after:inset-x-0 pointer-coarse:after:-bottom-2 pointer-coarse:after:-top-3"
      title={destination.gate ? openWhen(deck, destination.gate) : undefined}
      onClick={() => select(link.itemId)}
    >
      <span className="block truncate">
        {destination.gate ? <LockKeyhole size={12} aria-hidden className="mr-0.5 inline" /> : null}
        {messages.editor.by({ carrier: link.carrier || messages.kinds[deck.items[link.itemId]?.kind ?? 'hotspot'] })}
        {answer && destination.to === 'by-answer' ? ` ${branchCalled(deck.items[destination.questionId], answer)}` : ''}
      </span>
      {destination.gate ? <span className="spoken">{openWhen(deck, destination.gate)}</span> : null}
    </button>
  ) : (
    <span className="block text-xs text-soft">{messages.editor.byOrder}</span>
  );
  if (target !== null) {
    return (
      <div className={`absolute rounded bg-paper ${width}`} style={placed(at)}>
        <button
          type="button"
          data-slide={target}
          className="block max-w-full text-left text-xs font-semibold hover:underline"
          onClick={() => onGo(target)}
        >
          <Thumbnail deck={deck} slideId={target} width={CARD.picture} />
          <span className="block truncate pt-1">{slideName(deck, target)}</span>
        </button>
        {by}
      </div>
    );
  }
  const Icon = destinationIcons[destination.to];
  return (
    <div className={`absolute rounded bg-paper pt-3.5 ${width}`} style={placed(at)}>
      <span
        className={`flex items-center gap-1.5 text-xs font-semibold ${destination.to === 'slide' ? 'text-berry' : ''}`}
      >
        <Icon size={16} aria-hidden /> <span className="truncate">{destinationIn(deck, destination)}</span>
      </span>
      {by}
    </div>
  );
}

function More({ count, side }: { count: number; side: 'left' | 'right' }) {
  if (count <= 0) return null;
  return (
    <p className={`absolute bottom-1 text-xs text-soft ${side === 'left' ? 'left-2' : 'right-3'}`}>
      {messages.editor.more({ count })}
    </p>
  );
}
