/** The map of a deck as a sheet: its slides where they stand on the map, and the ways between them. */
import { type Deck, slidesInOrder } from '../deck/index.js';
import { bendKey, CARD, type MapLayout, mapWays } from '../route-map/index.js';
import { type Colour, type DrawnMark, type DrawnPage, STILL } from './drawn-page.js';
import { A4, type PageLayer, type Sheet, type WordsLayer } from './sheet.js';
import type { SheetWords } from './sheets.js';

/** In points, of A4 lying on its side. */
const MARGIN = 36;
const HEAD = 30;
/** In units of the map. */
const NAME = 30;
const WAY: Colour = [61, 78, 138, 1];
const ORDER: Colour = [140, 134, 120, 1];
const LINE = 2.5;
const TIP = 11;

/** The map on one sheet, as large as it has room. @param pages the drawings of its slides */
export function mapSheet(deck: Deck, pages: readonly DrawnPage[], layout: MapLayout, words: SheetWords): Sheet {
  const [width, height] = [A4.height, A4.width];
  const drawings = new Map(pages.map((page) => [page.slideId, page]));
  const slides = slidesInOrder(deck).filter(({ id }) => layout.places[id]);
  const corners = slides.flatMap(({ id }) => layout.places[id] ?? []);
  const bent = Object.values(layout.bends).flat();
  const left = Math.min(...corners.map(({ x }) => x), ...bent.map(({ x }) => x));
  const top = Math.min(...corners.map(({ y }) => y), ...bent.map(({ y }) => y));
  const right = Math.max(...corners.map(({ x }) => x + CARD.width), ...bent.map(({ x }) => x));
  const bottom = Math.max(...corners.map(({ y }) => y + CARD.height), ...bent.map(({ y }) => y));
  const room = { width: width - 2 * MARGIN, height: height - 2 * MARGIN - HEAD };
  const scale = Math.min(room.width / (right - left || 1), room.height / (bottom - top || 1), 1);
  const x0 = MARGIN + (room.width - (right - left) * scale) / 2 - left * scale;
  const y0 = MARGIN + HEAD - top * scale;
  const ways = mapWays(deck).flatMap(({ from, to, link }) => {
    const [start, end] = [layout.places[from], layout.places[to]];
    if (!start || !end || from === to) return [];
    const high = (id: string) => pictureHeight(drawings.get(id));
    const bends = layout.bends[bendKey(from, to)] ?? [];
    return wayMarks({ ...start, high: high(from) }, bends, { ...end, high: high(to) }, link ? WAY : ORDER);
  });
  const drawnWays: DrawnPage = {
    slideId: '',
    width: 0,
    height: 0,
    marks: ways,
    cuts: [],
    groups: [],
    parts: [],
    links: [],
  };
  return {
    width,
    height,
    slideIds: [],
    bookmarks: [{ title: deck.title, depth: 0 }],
    layers: [
      {
        kind: 'words',
        text: deck.title,
        x: MARGIN,
        y: MARGIN,
        width: room.width,
        height: HEAD,
        size: 14,
        bold: true,
        role: 'H1',
        align: 'left',
        flows: false,
      },
      { kind: 'page', page: drawnWays, at: [scale, 0, 0, scale, x0, y0], framed: false },
      ...slides.flatMap(({ id }): readonly (PageLayer | WordsLayer)[] => {
        const corner = layout.places[id];
        const drawing = drawings.get(id);
        if (!corner || !drawing) return [];
        const small = (pictureHeight(drawing) / drawing.height) * scale;
        const x = x0 + corner.x * scale;
        const y = y0 + corner.y * scale;
        return [
          {
            kind: 'page',
            // Where its links lead is not on this sheet.
            page: { ...drawing, links: [] },
            at: [small, 0, 0, small, x + (CARD.width * scale - drawing.width * small) / 2, y],
            framed: true,
          },
          {
            kind: 'words',
            text: words.slideName(id),
            x,
            y: y + drawing.height * small + 2,
            width: CARD.width * scale,
            height: NAME * scale,
            size: Math.max(4, 11 * scale),
            bold: false,
            role: 'P',
            align: 'center',
            flows: false,
          },
        ];
      }),
    ],
  };
}

interface Place {
  readonly x: number;
  readonly y: number;
}

/** A card by its corner, and how high the picture on it is. */
interface Card extends Place {
  readonly high: number;
}

/** How high a slide's picture is on its card, in units of the map. */
function pictureHeight(page: DrawnPage | undefined): number {
  const most = CARD.height - NAME;
  return page ? Math.min(most, (CARD.width * page.height) / page.width) : most;
}

/** A way from the edge of one card to the edge of another, with its tip. */
function wayMarks(start: Card, bends: readonly Place[], end: Card, colour: Colour): readonly DrawnMark[] {
  const middle = ({ x, y, high }: Card) => ({ x: x + CARD.width / 2, y: y + high / 2 });
  const [from, to] = [middle(start), middle(end)];
  const places = [from, ...bends, to];
  const [first, last] = [places[1] ?? to, places.at(-2) ?? from];
  const begun = edgeToward(start, first);
  const ended = edgeToward(end, last);
  const angle = Math.atan2(ended.y - last.y, ended.x - last.x);
  const wing = (turn: number) => ({
    x: ended.x - TIP * Math.cos(angle + turn),
    y: ended.y - TIP * Math.sin(angle + turn),
  });
  const [one, other] = [wing(0.45), wing(-0.45)];
  const line = [begun, ...bends, ended].map(({ x, y }, at) => `${at === 0 ? 'M' : 'L'}${n(x)} ${n(y)}`).join('');
  const base = { kind: 'path', matrix: STILL, seen: 1, cuts: [], group: null, part: null, itemId: null } as const;
  return [
    { ...base, d: line, fill: null, stroke: { colour, width: LINE, dash: [], cap: 'round', join: 'round' } },
    {
      ...base,
      d: `M${n(ended.x)} ${n(ended.y)}L${n(one.x)} ${n(one.y)}L${n(other.x)} ${n(other.y)}Z`,
      fill: colour,
      stroke: null,
    },
  ];
}

/** Where the line from the middle of a card to a place leaves the card. */
function edgeToward(corner: Card, { x, y }: Place): Place {
  const half = { x: CARD.width / 2, y: corner.high / 2 };
  const middle = { x: corner.x + half.x, y: corner.y + half.y };
  const [across, down] = [x - middle.x, y - middle.y];
  const share = Math.min(half.x / Math.abs(across || 1e-9), half.y / Math.abs(down || 1e-9), 1);
  return { x: middle.x + across * share, y: middle.y + down * share };
}

function n(value: number): number {
  return Math.round(value * 10) / 10;
}
