/** What of the map is in sight when it is opened: all of it, or what stands around a slide where all would be too small. */
import type { SlideId } from '@gobrel/core/deck';
import type { Point } from '@gobrel/core/geometry';
import { CARD } from '@gobrel/core/route-map';

/** Farther off than this nobody can read a name: then the map opens around the slide that is worked on. */
export const LEGIBLE = 0.46;
/** How near the map is then. */
const AROUND = 0.6;
/** How much is seen beyond the outermost cards then, in units of the map: the title of a section has room there. */
const EDGE = 80;
/** The share of the map's size that stays free around it when it is seen whole. */
export const RIM = 0.05;

/** Where the map lies in its room, in CSS pixels, and how large it is drawn. */
interface MapView {
  readonly x: number;
  readonly y: number;
  readonly zoom: number;
}

/** What the map lies in, in CSS pixels. */
interface Room {
  readonly width: number;
  readonly height: number;
}

/**
 * @param places the top left corners of the cards, in units of the map
 */
export function openingView(places: Readonly<Record<SlideId, Point>>, current: SlideId, room: Room): MapView {
  const { left, right, top, bottom } = reachOfAll(places);
  const fitting = Math.min(1, Math.min(room.width / (right - left), room.height / (bottom - top)) / (1 + RIM));
  const card = places[current];
  if (fitting >= LEGIBLE || !card) return centredOn((left + right) / 2, (top + bottom) / 2, fitting, room);
  return viewAround(places, card, room, AROUND);
}

/**
 * The map around one of its cards; at its edge it is not half empty.
 * @param card its top left corner, in units of the map
 * @param zoom CSS pixels to a unit of the map
 */
export function viewAround(places: Readonly<Record<SlideId, Point>>, card: Point, room: Room, zoom: number): MapView {
  const { left, right, top, bottom } = reachOfAll(places);
  const [across, down] = [room.width / zoom / 2, room.height / zoom / 2];
  return centredOn(
    within(card.x + CARD.width / 2, left + across - EDGE, right - across + EDGE),
    within(card.y + CARD.height / 2, top + down - EDGE, bottom - down + EDGE),
    zoom,
    room,
  );
}

function reachOfAll(places: Readonly<Record<SlideId, Point>>) {
  const [left, right] = reachOf(places, (place) => place.x, CARD.width);
  const [top, bottom] = reachOf(places, (place) => place.y, CARD.height);
  return { left, right, top, bottom };
}

/** A number between two others; their middle where they leave no room. */
function within(wanted: number, least: number, most: number): number {
  return least > most ? (least + most) / 2 : Math.min(most, Math.max(least, wanted));
}

function reachOf(places: Readonly<Record<SlideId, Point>>, along: (place: Point) => number, size: number) {
  let [from, to] = [Infinity, -Infinity];
  for (const place of Object.values(places)) {
    from = Math.min(from, along(place));
    to = Math.max(to, along(place) + size);
  }
  return from <= to ? [from, to] : ([0, size] as const);
}

function centredOn(x: number, y: number, zoom: number, room: Room) {
  return { x: room.width / 2 - x * zoom, y: room.height / 2 - y * zoom, zoom };
}
