/**
 * Where the slides stand on the map: in layers from left to right with few ways crossing (Sugiyama's method, as the
 * package dagre has it). Slides that were placed by hand stay there; the others keep as near as they can to where they
 * stood before, so that a small change moves little.
 */
import { graphlib, layout } from '@dagrejs/dagre';
import type { Point } from '../geometry/index.js';

/** Width and height of a slide's card on the map, and the room between cards, in units of the map. */
export const CARD = { width: 168, height: 160, between: 36, layers: 124 } as const;

/** What a map is laid out from; slides by id, in running order. */
export interface MapSketch {
  readonly slides: readonly string[];
  readonly ways: readonly { readonly from: string; readonly to: string; readonly isLink: boolean }[];
  /** The innermost section each slide stands in, to keep slides of one section together. */
  readonly sections: Readonly<Record<string, string>>;
  /** Where slides were put by hand: the top left corners of their cards. */
  readonly byHand: Readonly<Record<string, Point>>;
  /** Where cards stood before. */
  readonly before: Readonly<Record<string, Point>>;
}

/** Where things stand on the map. */
export interface MapLayout {
  /** The top left corner of each slide's card. */
  readonly places: Readonly<Record<string, Point>>;
  /** Where ways between two slides bend to go round other cards, by `bendKey`; none for ways that go straight. */
  readonly bends: Readonly<Record<string, readonly Point[]>>;
}

/** Names the ways from one slide to another. */
export function bendKey(from: string, to: string): string {
  return `${from} ${to}`;
}

/** Lays out a map; no two cards lie on one another but where somebody put them so. */
export function layOutMap(sketch: MapSketch): MapLayout {
  const laid = settled(layered(sketch), sketch.before);
  const places: Record<string, Point> = { ...laid.places, ...sketch.byHand };
  const taken = new Places();
  const moved = new Set(Object.keys(sketch.byHand));
  for (const id of sketch.slides) if (sketch.byHand[id]) taken.take(sketch.byHand[id]);
  for (const id of sketch.slides) {
    const place = laid.places[id];
    if (!place || sketch.byHand[id]) continue;
    const free = taken.takeNear(place);
    places[id] = free;
    if (free !== place) moved.add(id);
  }
  // What was worked out for cards that stand elsewhere now would lead astray.
  const bends = Object.entries(laid.bends).filter(([key]) => !key.split(' ').some((id) => moved.has(id)));
  return { places, bends: Object.fromEntries(bends) };
}

function layered({ slides, ways, sections }: MapSketch): MapLayout {
  const graph = new graphlib.Graph({ multigraph: false, compound: false });
  graph.setGraph({ rankdir: 'LR', nodesep: CARD.between, ranksep: CARD.layers, marginx: 0, marginy: 0 });
  for (const id of slides) graph.setNode(id, { width: CARD.width, height: CARD.height });
  for (const { from, to, isLink } of ways) {
    if (from === to) continue;
    const isWithin = sections[from] !== undefined && sections[from] === sections[to];
    const known: { weight: number } | undefined = graph.edge(from, to);
    // Links pull harder than the running order, and ways within a section harder than those between.
    const weight = (known?.weight ?? 0) + (isLink ? 2 : 1) + (isWithin ? 2 : 0);
    graph.setEdge(from, to, { weight, minlen: 1 });
  }
  layout(graph);
  const places = slides.map((id) => {
    const { x = 0, y = 0 }: { x?: number; y?: number } = graph.node(id);
    return [id, { x: Math.round(x - CARD.width / 2), y: Math.round(y - CARD.height / 2) }] as const;
  });
  const edges: readonly { readonly v: string; readonly w: string }[] = graph.edges();
  const bends = edges.flatMap(({ v, w }) => {
    const { points = [] }: { points?: readonly Point[] } = graph.edge(v, w);
    // The first and the last lie on the cards; a way to the next layer has one in the middle, and goes straight.
    const between = points.slice(1, -1).map(({ x, y }) => ({ x: Math.round(x), y: Math.round(y) }));
    return between.length > 1 ? [[bendKey(v, w), between] as const] : [];
  });
  return { places: Object.fromEntries(places), bends: Object.fromEntries(bends) };
}

/** Shifts a whole layout by the middle of the ways its cards went, so that most of them stay where they were. */
function settled(laid: MapLayout, before: MapSketch['before']): MapLayout {
  const kept = Object.keys(laid.places).filter((id) => before[id]);
  if (kept.length === 0) return laid;
  const shift = (axis: 'x' | 'y') => {
    const ways = kept.map((id) => (before[id]?.[axis] ?? 0) - (laid.places[id]?.[axis] ?? 0)).sort((a, b) => a - b);
    return ways[ways.length >> 1] ?? 0;
  };
  const [dx, dy] = [shift('x'), shift('y')];
  const shifted = ({ x, y }: Point): Point => ({ x: x + dx, y: y + dy });
  return {
    places: Object.fromEntries(Object.entries(laid.places).map(([id, place]) => [id, shifted(place)])),
    bends: Object.fromEntries(Object.entries(laid.bends).map(([key, points]) => [key, points.map(shifted)])),
  };
}

/** Places that are taken, looked up by columns as wide as a card. */
class Places {
  private readonly columns = new Map<number, Point[]>();

  take(place: Point): void {
    const column = this.columnOf(place);
    const known = this.columns.get(column);
    if (known) known.push(place);
    else this.columns.set(column, [place]);
  }

  /** Takes a place, or the first free one below it. */
  takeNear(wanted: Point): Point {
    let place = wanted;
    for (let met = this.metBy(place); met; met = this.metBy(place)) {
      place = { x: place.x, y: met.y + CARD.height + CARD.between };
    }
    this.take(place);
    return place;
  }

  private metBy(place: Point): Point | undefined {
    const column = this.columnOf(place);
    return [column - 1, column, column + 1]
      .flatMap((each) => this.columns.get(each) ?? [])
      .find((other) => Math.abs(other.x - place.x) < CARD.width && Math.abs(other.y - place.y) < CARD.height);
  }

  private columnOf({ x }: Point): number {
    return Math.floor(x / CARD.width);
  }
}
