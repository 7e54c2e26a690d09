/** The cards and lines of the map, from the deck and what is known of it. */
import {
  drawingOf,
  type Deck,
  isSection,
  type KeptWalk,
  entriesOf,
  numberOf,
  slidesInOrder,
  slidesWithin,
  type SlideId,
} from '@gobrel/core/deck';
import type { Box, Point } from '@gobrel/core/geometry';
import {
  bendKey,
  CARD,
  looseEnds,
  type MapLayout,
  type MapWay,
  shortestWay,
  slidesAlong,
} from '@gobrel/core/route-map';
import { firstSlide } from '@gobrel/core/routes';
import { MarkerType } from '@xyflow/react';
import { branchCalled, listed, messages, openWhen, percent, slideName } from '../../../shared/messages';
import type { SectionNode } from './section-area';
import type { SlideNode } from './slide-card';
import type { DeckFigures } from '../routes-worker/use-route-figures';
import type { WayEdge } from './way-line';
import { MIDDLE, placesOfWords, type WayToName } from './way-words';

/** What of the map can be shown whatever the deck. */
export const looks = ['all', 'onward', 'back', 'route'] as const;

/** What of the map is shown: one of these, or a walk that was kept. */
export type Look = (typeof looks)[number] | { readonly walk: string };

/** The slides that are shown; `null` for all of them. */
export function slidesInLook(
  deck: Deck,
  ways: readonly MapWay[],
  look: Look,
  current: SlideId,
): ReadonlySet<SlideId> | null {
  if (look === 'all') return null;
  if (typeof look === 'object') return new Set(walkShown(deck, look)?.slides ?? []);
  if (look === 'route') return new Set([...shortestWay(ways, firstSlide(deck)?.id ?? '', current), current]);
  return slidesAlong(ways, current, look);
}

/** The walk that is shown, `null` when none is. */
export function walkShown(deck: Deck, look: Look): KeptWalk | null {
  return typeof look === 'object' ? (deck.walks.find((walk) => walk.id === look.walk) ?? null) : null;
}

/** Cards and lines say themselves what they are: the package would call them a node and an edge. */
const UNDESCRIBED = { 'aria-roledescription': undefined };

interface CardsOptions {
  readonly places: Readonly<Record<SlideId, Point>>;
  readonly current: SlideId;
  readonly chosen: readonly SlideId[];
  readonly shown: ReadonlySet<SlideId> | null;
  readonly figures: DeckFigures | null;
  readonly heat: boolean;
}

/** A card for each slide that has a place. */
export function slideNodes(deck: Deck, { places, current, chosen, shown, figures, heat }: CardsOptions): SlideNode[] {
  return slidesInOrder(deck).flatMap((slide, index) => {
    const position = places[slide.id];
    if (!position) return [];
    const own = figures?.slides.get(slide.id) ?? null;
    const name = slideName(deck, slide.id);
    const isEnding = own?.ending != null;
    const notes = [
      ...(slide.leftOut ? [messages.editor.leftOut] : []),
      ...(isEnding ? [messages.routes.ending] : []),
      ...(own?.troubles ?? []).map((trouble) => messages.routes.troubles[trouble]),
      ...(heat && own ? [chanceSeen(own.seen)] : []),
    ];
    return [
      {
        id: slide.id,
        type: 'slide' as const,
        position,
        width: CARD.width,
        height: CARD.height,
        ariaRole: 'button' as const,
        selected: chosen.length > 1 ? chosen.includes(slide.id) : slide.id === current,
        hidden: shown !== null && !shown.has(slide.id),
        domAttributes: {
          ...UNDESCRIBED,
          'aria-label': listed([`${index + 1} ${name}`, ...notes]),
          'aria-current': slide.id === current,
        },
        data: {
          slideId: slide.id,
          drawing: drawingOf(deck, slide.id),
          name,
          number: numberOf(deck, slide.id),
          place: index + 1,
          leftOut: slide.leftOut,
          isEnding,
          isCurrent: slide.id === current,
          looseEnds: looseEnds(deck, slide.id),
          figures: own,
          heat,
        },
      },
    ];
  });
}

/** Room of an area around its cards, in units of the map. */
const AROUND = { side: 24, top: 46 };
/** The most room that the title of an area takes: for each letter, and in height. */
const TITLE = { letter: 16, height: 42 };

/** An area behind the slides of each section that has some. */
export function sectionNodes(deck: Deck, places: Readonly<Record<SlideId, Point>>): SectionNode[] {
  return entriesOf(deck).flatMap((entry): SectionNode[] => {
    if (!isSection(entry)) return [];
    const at = slidesWithin(deck, entry.id).flatMap(({ id }) => places[id] ?? []);
    if (at.length === 0) return [];
    const [left, top] = [Math.min(...at.map(({ x }) => x)), Math.min(...at.map(({ y }) => y))];
    const [right, bottom] = [Math.max(...at.map(({ x }) => x)), Math.max(...at.map(({ y }) => y))];
    return [
      {
        id: `section ${entry.id}`,
        type: 'section',
        position: { x: left - AROUND.side, y: top - AROUND.top },
        width: right - left + CARD.width + 2 * AROUND.side,
        height: bottom - top + CARD.height + AROUND.top + AROUND.side,
        zIndex: -1,
        draggable: false,
        selectable: false,
        focusable: false,
        domAttributes: UNDESCRIBED,
        data: { title: entry.title || messages.order.unnamedSection },
      },
    ];
  });
}

/** The room that the titles of sections take, in units of the map. */
export function titlesOfSections(deck: Deck, places: MapLayout['places']): readonly Box[] {
  return sectionNodes(deck, places).map(({ position, width = 0, data }) => ({
    ...position,
    width: Math.min(width, TITLE.letter * data.title.length + 12),
    height: TITLE.height,
  }));
}

interface EdgesOptions extends Pick<CardsOptions, 'shown'> {
  /** The way that is selected, by its key. */
  readonly selected: string | null;
  readonly layout: MapLayout;
  readonly figures: DeckFigures | null;
  readonly walk: KeptWalk | null;
}

/** A line for each way between two slides that are shown. */
export function wayEdges(deck: Deck, ways: readonly MapWay[], options: EdgesOptions): WayEdge[] {
  const { shown, selected, layout, figures, walk } = options;
  const walked = new Set(walk?.slides.map((slide, place) => bendKey(walk.slides[place - 1] ?? '', slide)));
  const named = waysToName(deck, ways);
  const places = placesOfWords(named, layout, titlesOfSections(deck, layout.places));
  return ways.map((way, at): WayEdge => {
    const [from, to] = [slideName(deck, way.from), slideName(deck, way.to)];
    const pair = bendKey(way.from, way.to);
    const { turn = 0, words = '' } = named[at] ?? {};
    return {
      id: way.key,
      type: 'way',
      source: way.from,
      target: way.to,
      hidden: shown !== null && !(shown.has(way.from) && shown.has(way.to)),
      selected: way.key === selected,
      reconnectable: way.link ? 'target' : false,
      ariaLabel: wayLabel(deck, way, from, to),
      domAttributes: UNDESCRIBED,
      ...(way.link ? { markerEnd: { type: MarkerType.ArrowClosed, color: 'var(--clay)', width: 18, height: 18 } } : {}),
      data: {
        words,
        wordsAt: places.get(way.key) ?? MIDDLE,
        isLink: way.link !== null,
        isGated: way.link?.destination.gate !== undefined,
        isShut: way.link !== null && (figures?.isShut(way.link.itemId, way.to) ?? false),
        isWalked: walked.has(pair),
        bends: layout.bends[pair] ?? [],
        turn,
      },
    };
  });
}

/** What stands on each way, and how many between its two slides come before it. */
export function waysToName(deck: Deck, ways: readonly MapWay[]): readonly WayToName[] {
  const beside = new Map<string, number>();
  return ways.map((way) => {
    const pair = bendKey(way.from, way.to);
    const turn = beside.get(pair) ?? 0;
    beside.set(pair, turn + 1);
    const words = [way.link?.carrier ?? '', branchWords(deck, way)].filter(Boolean).join(' ');
    return { key: way.key, from: way.from, to: way.to, turn, words };
  });
}

function wayLabel(deck: Deck, way: MapWay, from: string, to: string): string {
  const { link } = way;
  if (!link) return messages.routes.orderWay({ from, to });
  const carrier = link.carrier || messages.kinds[deck.items[link.itemId]?.kind ?? 'hotspot'];
  const notes = [branchWords(deck, way), link.destination.gate ? openWhen(deck, link.destination.gate) : ''];
  return [messages.routes.way({ from, to, carrier }), ...notes.filter(Boolean)].join(', ');
}

/** The answer by which a way is taken, in words; '' where it always is. */
function branchWords(deck: Deck, { link, answer }: MapWay): string {
  return answer && link?.destination.to === 'by-answer'
    ? branchCalled(deck.items[link.destination.questionId], answer)
    : '';
}

/** How likely a slide is seen. @param share from 0 to 1; NaN when it was not counted */
function chanceSeen(share: number): string {
  return Number.isNaN(share) ? messages.routes.notCounted : messages.routes.seenBy({ share: percent(share) });
}
