/**
 * Pieces: what students move. A loose item is one; a group whose items are all loose is one as a whole. Students'
 * work and the keys of zones know a piece by the id of its item or of its group.
 */
import { boundsOfAll, type Frame } from '../../geometry/index.js';
import type { Deck } from '../model/deck.js';
import { itemsOf } from '../model/items-in-order.js';
import type { ItemId, SlideId } from '../model/identifiers.js';
import type { Item } from '../model/item.js';
import type { PieceBehaviour } from '../model/item-base.js';
import { itemKinds, nameOf } from '../kinds/item-kinds.js';

/** The id of a piece: of its item, or of its group. */
export type PieceId = string;

/** A loose item, or a loose group as a whole. */
export interface Piece {
  readonly id: PieceId;
  readonly slideId: SlideId;
  /** What it is called; '' when it says nothing. */
  readonly name: string;
  /** Where it lies: of a group, whatever is around it. */
  readonly frame: Frame;
  /** From back to front. */
  readonly items: readonly Item[];
  readonly manner: PieceBehaviour;
}

/**
 * Whether an item can be made a piece, or a part of one. A line that is tied stays with what it joins: it can when
 * that moves with it.
 * @param among the items of which one piece is made
 */
export function canBePiece(item: Item, among: readonly ItemId[] = []): boolean {
  if (item.kind !== 'line') return itemKinds[item.kind].canBeLoose;
  return [item.from.at, item.to.at].every((at) => at === null || among.includes(at));
}

/** The pieces of a slide, from back to front. */
export function piecesOn(deck: Deck, slideId: SlideId): readonly Piece[] {
  const all = itemsOf(deck, slideId).filter((item) => !item.hidden);
  const fixed = new Set(all.flatMap((item) => (item.loose ? [] : item.groups)));
  const members = new Map<PieceId, Item[]>();
  for (const item of all) {
    if (!item.loose) continue;
    // The outermost group of which nothing is fixed.
    const id = item.groups.find((group) => !fixed.has(group)) ?? item.id;
    members.set(id, [...(members.get(id) ?? []), item]);
  }
  return [...members].flatMap(([id, items]) => {
    const [first] = items;
    const around = boundsOfAll(items.map((item) => item.frame));
    if (!first || !around) return [];
    const frame = items.length === 1 ? first.frame : { ...around, rotation: 0 };
    const name = items.map(nameOf).find((each) => each !== '') ?? '';
    return [{ id, slideId, name, frame, items, manner: first.piece }];
  });
}

/** Decks do not change, so their pieces are looked for once: students' work asks for them with every move. */
const known = new WeakMap<Deck, ReadonlyMap<PieceId, Piece>>();

/** All pieces of a deck, by id. */
export function piecesIn(deck: Deck): ReadonlyMap<PieceId, Piece> {
  const before = known.get(deck);
  if (before) return before;
  const slides = new Set(Object.values(deck.items).flatMap((item) => (item.loose ? [item.slideId] : [])));
  const pieces = new Map([...slides].flatMap((slideId) => piecesOn(deck, slideId).map((piece) => [piece.id, piece])));
  known.set(deck, pieces);
  return pieces;
}

const MARK_OF_COPIES = '--';

/** The id of a copy that a pile has given out, counted from 1. */
export function pileCopyId(pileId: PieceId, number: number): PieceId {
  return `${pileId}${MARK_OF_COPIES}${number}`;
}

/** The piece that an id in a student's work stands for: itself, or the pile it was taken from. */
export function sourceOfPiece(id: PieceId): PieceId {
  return id.replace(/--[1-9]\d{0,3}$/, '');
}
