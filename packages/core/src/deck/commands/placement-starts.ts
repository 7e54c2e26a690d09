/** Beginnings of slides on which pieces are placed: zones and pieces with a key, to be given words and pictures. */
import { applyChanges, type Change } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import type { OwnFields } from '../model/item.js';
import type { ZoneItem } from '../model/question-items.js';
import type { Frame } from '../../geometry/index.js';
import { plainText } from '../text/rich-text.js';
import { addItem } from './items.js';

/** What students do with the pieces. */
export const placementStarts = ['sort', 'match', 'order', 'label', 'build'] as const;

/** What students do with the pieces. */
export type PlacementStart = (typeof placementStarts)[number];

/** The words on a beginning: of its zones, and of its pieces in the order of the key. */
export interface PlacementWords {
  readonly zones: readonly string[];
  readonly pieces: readonly string[];
}

const PIECE = { width: 180, height: 60 };
const GAP = 24;

/**
 * Places zones in the upper part of a slide and pieces below them, mixed. Of `sort`, pieces belong to the zones in
 * turn; of `match` and `label`, each to one of its own; of `order`, all into one row in this order; of `build`, the
 * pieces are endless piles for a free zone without a key.
 */
export function addPlacement(
  deck: Deck,
  slideId: SlideId,
  start: PlacementStart,
  words: PlacementWords,
  createId: () => string = newId,
): { readonly changes: Change[]; readonly zones: readonly ItemId[]; readonly pieces: readonly ItemId[] } {
  const pieces = words.pieces.map(() => createId());
  const zones = words.zones.map(() => createId());
  let present = deck;
  const changes: Change[] = [];
  const add = (made: Change[]) => {
    present = applyChanges(present, made);
    changes.push(...made);
  };
  const belongs = (place: number) =>
    start === 'build' ? [] : start === 'order' ? pieces : pieces.filter((_, at) => at % zones.length === place);
  zones.forEach((id, place) =>
    add(
      addItem(present, {
        id,
        slideId,
        kind: 'zone',
        frame: zoneFrame(deck, start, place, zones.length),
        fields: { label: words.zones[place] ?? '', belongs: belongs(place), ...zoneManner(start) },
      }),
    ),
  );
  pieces.forEach((id, at) =>
    add(
      addItem(present, {
        id,
        slideId,
        kind: 'shape',
        loose: true,
        frame: pieceFrame(deck, mixed(at, pieces.length), pieces.length),
        fields: { text: plainText(words.pieces[at] ?? '') },
      }),
    ),
  );
  if (start === 'build')
    for (const id of pieces) {
      const item = present.items[id];
      if (item) add([{ type: 'set-item', id, fields: { piece: { ...item.piece, pile: null, turns: true } } }]);
    }
  return { changes, zones, pieces };
}

function zoneManner(start: PlacementStart): Partial<OwnFields<'zone'>> {
  const manner: Readonly<Record<PlacementStart, Partial<Pick<ZoneItem, 'lay' | 'capacity' | 'inOrder'>>>> = {
    sort: {},
    match: { lay: 'slots', capacity: 1 },
    label: { lay: 'slots', capacity: 1 },
    order: { lay: 'row', inOrder: true },
    build: { lay: 'free' },
  };
  return manner[start];
}

function zoneFrame(deck: Deck, start: PlacementStart, place: number, count: number): Frame {
  const slide = sizeOf(deck);
  const room = { x: 60, y: slide.height * 0.24, width: slide.width - 120, height: slide.height * 0.42 };
  if (start === 'label') {
    const height = Math.min(80, (room.height - GAP * (count - 1)) / count);
    const y = room.y + place * (height + GAP);
    return { x: room.x + room.width - 240, y, width: 240, height, rotation: 0 };
  }
  const width = (room.width - GAP * (count - 1)) / count;
  const height = start === 'order' ? 130 : start === 'match' ? 140 : room.height;
  return { x: room.x + place * (width + GAP), y: room.y, width, height, rotation: 0 };
}

function pieceFrame(deck: Deck, place: number, count: number): Frame {
  const slide = sizeOf(deck);
  const columns = Math.max(1, Math.min(count, Math.floor((slide.width - 120 + GAP) / (PIECE.width + GAP))));
  const left = (slide.width - columns * PIECE.width - (columns - 1) * GAP) / 2;
  return {
    x: left + (place % columns) * (PIECE.width + GAP),
    y: slide.height * 0.74 + Math.floor(place / columns) * (PIECE.height + 16),
    ...PIECE,
    rotation: 0,
  };
}

/** The place of a piece in an order that is not the key's: every second one first, from the end. */
function mixed(at: number, count: number): number {
  const order = [...Array(count).keys()];
  return [...order.filter((each) => each % 2 === 1).reverse(), ...order.filter((each) => each % 2 === 0)].indexOf(at);
}
