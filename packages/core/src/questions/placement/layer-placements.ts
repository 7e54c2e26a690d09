/** Placements of many students over one another: where each of their pieces lies. */
import { type Deck, piecesOn, type SlideId, sizeOf, sourceOfPiece } from '../../deck/index.js';
import type { Dot, Work } from '../../work/index.js';

/** The middle of a piece as somebody placed it, in shares of the slide's width and height. */
export interface LaidPiece extends Dot {
  readonly name: string;
}

/** Where everybody's moved pieces of a slide lie. */
export function layerPlacements(edition: Deck, slideId: SlideId, works: readonly Work[]): readonly LaidPiece[] {
  const size = sizeOf(edition);
  const pieces = new Map(piecesOn(edition, slideId).map((piece) => [piece.id, piece]));
  return works.flatMap((work) =>
    Object.entries(work.pieces).flatMap(([id, { x, y }]): LaidPiece[] => {
      const piece = pieces.get(sourceOfPiece(id));
      if (!piece) return [];
      const { width, height } = piece.frame;
      return [{ name: piece.name, x: (x + width / 2) / size.width, y: (y + height / 2) / size.height }];
    }),
  );
}
