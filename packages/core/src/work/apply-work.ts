/** Laying work over its edition: the slides as that student has them. */
import { type Deck, type Item, piecesIn, pileCopyId, type SlideId, sourceOfPiece } from '../deck/index.js';
import { centreOf, moveFrame, turnTogether } from '../geometry/index.js';
import type { Added, PiecePlace, Work } from './work.js';

/** Ranks of what was lifted: behind every rank of an author in the alphabet, so in front of everything on the slide. */
const LIFTED = '~';

/**
 * The edition with moved pieces where they were put, in front in the order in which they were lifted, and with the
 * copies that piles have given out.
 */
export function applyWork(edition: Deck, work: Work): Deck {
  const known = piecesIn(edition);
  const moved = Object.entries(work.pieces).flatMap(([id, place]): [string, Item][] => {
    const source = sourceOfPiece(id);
    const piece = known.get(source);
    const isCopy = id !== source;
    if (!piece || isCopy === (piece.manner.pile === 0)) return [];
    const named = (name: string) => (isCopy ? id.replace(source, name) : name);
    return piece.items.map((item) => {
      const laid: Item = {
        ...item,
        id: named(item.id),
        groups: item.groups.map(named),
        frame: placedFrame(item.frame, piece.frame, place),
        rank: `${LIFTED}${String(place.lift ?? 0).padStart(7, '0')}${item.rank}`,
        piece: { ...item.piece, pile: 0 },
      };
      return [laid.id, laid];
    });
  });
  return moved.length === 0 ? edition : { ...edition, items: { ...edition.items, ...Object.fromEntries(moved) } };
}

/** Where an item of a piece comes to lie when the piece does. */
function placedFrame(frame: Item['frame'], piece: Item['frame'], { x, y, turn = 0 }: PiecePlace): Item['frame'] {
  const moved = moveFrame(frame, x - piece.x, y - piece.y);
  return turn === 0 ? moved : turnTogether(moved, centreOf({ ...piece, x, y }), turn);
}

/** The lowest number of a copy that a pile can still give out; `null` when it has none left. */
export function nextCopy(work: Work, pileId: string, most: number | null): number | null {
  for (let number = 1; most === null ? number <= MOST_COPIES : number <= most; number += 1)
    if (!work.pieces[pileCopyId(pileId, number)]) return number;
  return null;
}

/** The most copies even an endless pile gives out to one student. */
export const MOST_COPIES = 200;

/** Something that a student added, with its id. */
export type PlacedAdded = Added & { readonly id: string };

/** What a student added on one slide. */
export function addedOn(edition: Deck, work: Work, slideId: SlideId): readonly PlacedAdded[] {
  return Object.entries(work.added).flatMap(([id, added]) =>
    edition.items[added.areaId]?.slideId === slideId ? [{ id, ...added }] : [],
  );
}
