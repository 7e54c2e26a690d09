/** The lines of routes: from what carries a link to the card of where it leads, on a light casing that is seen on any picture. */
import { type Deck, type ItemId, sizeOf } from '@gobrel/core/deck';
import { type Box, boundsOf, type Frame, type Point } from '@gobrel/core/geometry';
import { useDragPreview } from './drag-preview';
import type { Arrival, Departure } from './route-ends';
import type { RouteLayout, Side } from './route-layout';
import { type LinkedWords, wordsKey } from './use-linked-words';

interface Area {
  readonly width: number;
  readonly height: number;
}

interface RouteLinesProps {
  readonly deck: Deck;
  /** In CSS pixels. */
  readonly area: Area;
  readonly layout: RouteLayout;
  /** What is shown of it, each with the box of its card. */
  readonly arriving: readonly (readonly [Arrival, Box])[];
  readonly leaving: readonly (readonly [Departure, Box])[];
  /** Links that have no card for lack of room: their carriers are marked all the same. */
  readonly unseen: readonly Departure[];
  readonly words: LinkedWords;
}

export function RouteLines({ deck, area, layout, arriving, leaving, unseen, words }: RouteLinesProps) {
  const dragged = useDragPreview((drag) => (Object.keys(drag.frames).length > 0 ? drag.frames : drag.shifted));
  const carrierOf = (way: Departure) => carrierBox(deck, layout, way, words, dragged);
  return (
    <svg className="pointer-events-none absolute inset-0" width={area.width} height={area.height} aria-hidden>
      {arriving.map(([{ from, byOrder }, card]) => {
        const middle = card.x + card.width / 2;
        const start = layout.port('arriving', card, middle);
        return (
          <Line key={from} from={start} to={edgeOf(layout, area, 'arriving', start)} layout={layout} faint={byOrder} />
        );
      })}
      {leaving.map(([way, card]) => {
        const carrier = carrierOf(way);
        const end = layout.port('leaving', card, carrier ? carrier.x + carrier.width / 2 : card.x + card.width / 2);
        const start = carrier && startOn(carrier, end, layout, area);
        return (
          <g key={way.key}>
            <Line
              from={start ?? edgeOf(layout, area, 'leaving', end)}
              to={end}
              layout={layout}
              side={start?.side ?? 0}
              faint={!start}
            />
            {start ? <Dot at={start} /> : null}
          </g>
        );
      })}
      {unseen.map((way) => {
        const carrier = carrierOf(way);
        return carrier ? <Dot key={way.key} at={startOn(carrier, null, layout, area)} /> : null;
      })}
    </svg>
  );
}

/** The box of what carries a link, in the area, in CSS pixels; `null` for what is carried by nothing. */
export function carrierBox(
  deck: Deck,
  { slide }: RouteLayout,
  { link }: Departure,
  words: LinkedWords,
  dragged: Readonly<Record<ItemId, Frame>> = {},
): Box | null {
  if (!link) return null;
  const still = deck.items[link.itemId]?.frame;
  const now = dragged[link.itemId] ?? still;
  if (!still || !now) return null;
  const scale = slide.width / sizeOf(deck).width;
  const known = words.get(wordsKey(link));
  if (known) return { ...known, x: known.x + (now.x - still.x) * scale, y: known.y + (now.y - still.y) * scale };
  const { x, y, width, height } = boundsOf(now);
  return { x: slide.x + x * scale, y: slide.y + y * scale, width: width * scale, height: height * scale };
}

const within = (value: number, least: number, most: number) => Math.min(Math.max(value, least), most);

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
function edgeOf({ slide: whole, inRows }: RouteLayout, area: Area, side: Side, port: Point): Point {
  const slide = inSight(whole, area);
  if (inRows) {
    const x = within(port.x, slide.x + 8, slide.x + slide.width - 8);
    return { x, y: side === 'arriving' ? slide.y - 2 : slide.y + slide.height + 2 };
  }
  const y = within(port.y, slide.y + 8, slide.y + slide.height - 8);
  return { x: side === 'arriving' ? slide.x - 2 : slide.x + slide.width + 2, y };
}

/** Where a line leaves something, and to which side: -1 to the left, 1 to the right, 0 towards the cards. */
interface Start extends Point {
  readonly side: -1 | 0 | 1;
}

/**
 * Where a line leaves what carries its link: towards the cards, or by the side when its card stands beside, so that it
 * runs past what stands below. It stays on the slide.
 */
function startOn(carrier: Box, end: Point | null, { slide, inRows }: RouteLayout, area: Area): Start {
  const seen = inSight(slide, area);
  const middle = carrier.x + carrier.width / 2;
  const side = !inRows || !end ? 0 : end.x < carrier.x ? -1 : end.x > carrier.x + carrier.width ? 1 : 0;
  const bySide = !inRows || side !== 0;
  const x = !inRows || side === 1 ? carrier.x + carrier.width : side === -1 ? carrier.x : middle;
  const y = carrier.y + (bySide ? carrier.height / 2 : carrier.height);
  return { x: within(x, seen.x, seen.x + seen.width - 4), y: within(y, seen.y, seen.y + seen.height - 4), side };
}

function Dot({ at }: { at: Point }) {
  return <circle cx={at.x} cy={at.y} r={5} className="fill-route stroke-route-casing stroke-2" />;
}

interface LineProps {
  readonly from: Point;
  readonly to: Point;
  readonly layout: RouteLayout;
  readonly side?: Start['side'];
  /** Whether it stands for the running order and not for a link. */
  readonly faint: boolean;
}

/** Length and half the width of an arrow's head, in CSS pixels. */
const HEAD = { long: 9, wide: 5 };

function Line({ from, to, layout: { inRows }, side = 0, faint }: LineProps) {
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const bend = Math.min(Math.max(24, Math.abs(inRows ? dy : dx) / 2), Math.abs(inRows ? dy : dx));
  const [bx, by] = inRows ? [0, bend] : [bend, 0];
  const [outX, outY] = side === 0 ? [bx, by] : [side * Math.min(60, Math.abs(dx)), 0];
  const course = `M${from.x} ${from.y}C${from.x + outX} ${from.y + outY} ${to.x - bx} ${to.y - by} ${to.x} ${to.y}`;
  if (faint) return <path d={course} className="fill-none stroke-edge stroke-[1.5]" strokeDasharray="2 5" />;
  const head = inRows
    ? `M${to.x - HEAD.wide} ${to.y - HEAD.long}L${to.x} ${to.y}L${to.x + HEAD.wide} ${to.y - HEAD.long}Z`
    : `M${to.x - HEAD.long} ${to.y - HEAD.wide}L${to.x} ${to.y}L${to.x - HEAD.long} ${to.y + HEAD.wide}Z`;
  return (
    <>
      <path d={course + head} className="fill-none stroke-route-casing stroke-[5]" strokeLinejoin="round" />
      <path d={course} className="fill-none stroke-route stroke-2" />
      <path d={head} className="fill-route stroke-route" strokeLinejoin="round" />
    </>
  );
}
