/** Commands on pieces and zones: making loose, behaving, belonging; pieces out of words and of a picture. */
import type { Change } from '../model/change.js';
import { type Deck, sizeOf } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import { type ItemId, newId, type SlideId } from '../model/identifiers.js';
import type { PictureItem } from '../model/item.js';
import type { PieceBehaviour } from '../model/item-base.js';
import type { ZoneItem } from '../model/question-items.js';
import { itemKinds } from '../kinds/item-kinds.js';
import { type PieceId, piecesIn } from '../pieces/pieces.js';
import { plainText } from '../text/rich-text.js';
import { zoneIn } from '../text/dressing.js';
import { fieldsForBox } from './box-style.js';
import { addItem, removeItems } from './items.js';
import { freeStrip, GAP, inStrip, WORD_HEIGHT } from './piece-places.js';
import { shuffled } from '../pieces/shuffled.js';
import { applyChanges } from '../model/change.js';

/** The most pieces that one command makes. */
export const MOST_NEW_PIECES = 100;

/** Makes items loose pieces, or fixed again. A backdrop item is not made loose. */
export function setLoose(deck: Deck, ids: readonly ItemId[], loose: boolean): Change[] {
  return ids.flatMap((id): Change[] => {
    const item = deck.items[id];
    return item && item.layer === 'slide' && item.loose !== loose
      ? [{ type: 'set-item', id, fields: { loose, ...(loose ? fieldsForBox(deck, item, 'piece') : {}) } }]
      : [];
  });
}

/** Says how loose items behave. */
export function setPieceBehaviour(deck: Deck, ids: readonly ItemId[], manner: Partial<PieceBehaviour>): Change[] {
  return ids.flatMap((id): Change[] => {
    const item = deck.items[id];
    return item ? [{ type: 'set-item', id, fields: { piece: { ...item.piece, ...manner } } }] : [];
  });
}

/** Says which zone a piece belongs into (and no other), or with `null` that it belongs nowhere. */
export function setBelongs(deck: Deck, pieceId: PieceId, zoneId: ItemId | null): Change[] {
  const slideId = slideOfPiece(deck, pieceId);
  if (slideId === null) return [];
  return zonesOn(deck, slideId).flatMap((zone): Change[] => {
    const had = zone.belongs.includes(pieceId);
    const wanted = zone.id === zoneId;
    if (had === wanted) return [];
    const belongs = wanted ? [...zone.belongs, pieceId] : zone.belongs.filter((id) => id !== pieceId);
    return [setKeyOf(zone, belongs)];
  });
}

/** Sets a zone's key; where it took only what belonged there, it takes what belongs there now. */
function setKeyOf(zone: ZoneItem, belongs: readonly PieceId[]): Change {
  const follows = zone.takes.length > 0 && [...zone.takes].sort().join() === [...zone.belongs].sort().join();
  return { type: 'set-item', id: zone.id, fields: follows ? { belongs, takes: belongs } : { belongs } };
}

/** Sets the keys of a slide's zones at once: for each the pieces in it, in order; piles as often as copies lie there. */
export function setPlaces(
  deck: Deck,
  slideId: SlideId,
  placed: Readonly<Record<ItemId, readonly PieceId[]>>,
): Change[] {
  const known = piecesIn(deck);
  return zonesOn(deck, slideId).flatMap((zone): Change[] => {
    const pieces = placed[zone.id] ?? [];
    const belongs = pieces.filter((id, at) => known.get(id)?.manner.pile !== 0 || pieces.indexOf(id) === at);
    const isSame = belongs.length === zone.belongs.length && belongs.every((id, at) => zone.belongs[at] === id);
    return isSame ? [] : [setKeyOf(zone, belongs)];
  });
}

/** The zones of a slide as they are in the deck's theme, from back to front. */
export function zonesOn(deck: Deck, slideId: SlideId): readonly ZoneItem[] {
  return itemsOf(deck, slideId).flatMap((item) => (item.kind === 'zone' ? [zoneIn(deck.theme, item)] : []));
}

function slideOfPiece(deck: Deck, pieceId: PieceId): SlideId | null {
  const item = deck.items[pieceId] ?? Object.values(deck.items).find(({ groups }) => groups.includes(pieceId));
  return item?.slideId ?? null;
}

/** Makes a piece of each line, in rows from the bottom of the slide upwards. Empty lines are passed over. */
export function piecesFromWords(
  deck: Deck,
  slideId: SlideId,
  lines: readonly string[],
  createId: () => string = newId,
): { readonly changes: Change[]; readonly made: ItemId[] } {
  const wanted = lines
    .map((line) => line.trim())
    .filter((line) => line !== '')
    .slice(0, MOST_NEW_PIECES);
  const slide = sizeOf(deck);
  const longest = Math.max(0, ...wanted.map((line) => line.length));
  const width = Math.min(slide.width / 2, Math.max(120, 40 + longest * 13));
  const columns = Math.max(1, Math.floor((slide.width - 2 * GAP) / (width + GAP)));
  const rows = Math.ceil(wanted.length / columns);
  let present = deck;
  const changes: Change[] = [];
  const made: ItemId[] = [];
  for (const [place, words] of wanted.entries()) {
    const id = createId();
    const row = Math.floor(place / columns);
    const y = slide.height - GAP - (rows - row) * (WORD_HEIGHT + GAP);
    const added = addItem(present, {
      id,
      slideId,
      kind: 'shape',
      loose: true,
      frame: {
        x: GAP + (place % columns) * (width + GAP),
        y: Math.max(GAP, y),
        width,
        height: WORD_HEIGHT,
        rotation: 0,
      },
      fields: { text: plainText(words) },
    });
    present = applyChanges(present, added);
    changes.push(...added);
    made.push(id);
  }
  return { changes, made };
}

/** How a picture is cut. */
interface Cutting {
  readonly columns: number;
  readonly rows: number;
  /** Whether a zone stays where each piece was. */
  readonly zones: boolean;
  /** What a piece is called, before its number, when the picture has no name. */
  readonly called: string;
}

/**
 * Cuts a picture into a grid of loose pieces where it lies, each a part of the same stored picture; with `zones`, a
 * zone stays where each was, to which it belongs, and the pieces lie mixed where the slide has most room beside it.
 */
export function cutPicture(
  deck: Deck,
  pictureId: ItemId,
  { columns, rows, zones, called }: Cutting,
  createId: () => string = newId,
  random: () => number = Math.random,
): Change[] {
  const picture = deck.items[pictureId];
  if (picture?.kind !== 'picture' || columns < 1 || rows < 1 || columns * rows > MOST_NEW_PIECES) return [];
  const { frame, crop } = picture;
  const [width, height] = [frame.width / columns, frame.height / rows];
  const cells = Array.from({ length: columns * rows }, (_, at) => ({
    column: at % columns,
    row: Math.floor(at / columns),
  }));
  const mixed = shuffled(cells, random);
  const strip = freeStrip(sizeOf(deck), frame);
  let present = deck;
  const changes: Change[] = [];
  const add = (made: Change[]) => {
    present = applyChanges(present, made);
    changes.push(...made);
  };
  const at = ({ column, row }: { readonly column: number; readonly row: number }) => ({
    x: frame.x + column * width,
    y: frame.y + row * height,
    width,
    height,
    rotation: 0,
  });
  const pieces = cells.map((cell, place) => {
    const id = createId();
    const name = `${picture.name || called} ${place + 1}`.trim();
    return {
      id,
      name,
      home: zones ? inStrip(strip, mixed.indexOf(cell), cells.length, { width, height }) : at(cell),
      cell,
    };
  });
  if (zones)
    for (const { id, name, cell } of pieces)
      add(
        addItem(present, {
          id: createId(),
          slideId: picture.slideId,
          kind: 'zone',
          name,
          frame: at(cell),
          fields: { capacity: 1, lay: 'slots', belongs: [id] },
        }),
      );
  for (const { id, name, home, cell } of pieces)
    add(
      addItem(present, {
        id,
        slideId: picture.slideId,
        kind: 'picture',
        name,
        loose: true,
        frame: home,
        fields: partOf(picture, crop, cell, columns, rows),
      }),
    );
  return [...changes, ...removeItems(present, [pictureId])];
}

/** A cell of a picture as a picture of its own: the same bytes, cropped further. */
function partOf(
  picture: PictureItem,
  crop: PictureItem['crop'],
  { column, row }: { readonly column: number; readonly row: number },
  columns: number,
  rows: number,
) {
  const { picture: bytes, pixels, moving, alt, opacity, flippedAcross, flippedDown } = picture;
  const [wide, high] = [crop.width / columns, crop.height / rows];
  return {
    picture: bytes,
    pixels,
    moving,
    alt,
    opacity,
    flippedAcross,
    flippedDown,
    crop: {
      x: crop.x + (flippedAcross ? columns - 1 - column : column) * wide,
      y: crop.y + (flippedDown ? rows - 1 - row : row) * high,
      width: wide,
      height: high,
    },
  };
}

/** Puts a grid of zones where an item lies, with room between them, instead of it; a zone hands its settings on. */
export function gridOfZones(
  deck: Deck,
  itemId: ItemId,
  { columns, rows }: { readonly columns: number; readonly rows: number },
  createId: () => string = newId,
): Change[] {
  const item = deck.items[itemId];
  if (!item || columns < 1 || rows < 1 || columns * rows > MOST_NEW_PIECES) return [];
  const width = (item.frame.width - GAP * (columns - 1)) / columns;
  const height = (item.frame.height - GAP * (rows - 1)) / rows;
  const settings = item.kind === 'zone' ? { ...itemKinds.zone.read({ ...item }), belongs: [], label: '' } : {};
  let present = deck;
  const changes: Change[] = [];
  for (let at = 0; at < columns * rows; at += 1) {
    const added = addItem(present, {
      id: createId(),
      slideId: item.slideId,
      kind: 'zone',
      frame: {
        x: item.frame.x + (at % columns) * (width + GAP),
        y: item.frame.y + Math.floor(at / columns) * (height + GAP),
        width,
        height,
        rotation: 0,
      },
      fields: settings,
    });
    present = applyChanges(present, added);
    changes.push(...added);
  }
  return [...changes, ...(item.kind === 'zone' ? removeItems(present, [itemId]) : [])];
}
