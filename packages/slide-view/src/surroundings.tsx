/** What every drawn slide needs from the application around it: where pictures are, and words in the reader's language. */
import { createContext, useContext } from 'react';

/** The words that a slide itself says, given by the application's message catalogue. */
export interface SlideWords {
  readonly hotspot: string;
  readonly blank: string;
  readonly yourAnswer: string;
  readonly pickOne: string;
  readonly pickSeveral: string;
  readonly addText: string;
  readonly yourText: string;
  readonly removeText: string;
  readonly tooLong: (most: number) => string;
  readonly piece: (name: string, zone: string | null) => string;
  readonly pieceHelp: string;
  readonly pickedUp: (name: string, zone: string) => string;
  readonly overZone: (zone: string) => string;
  readonly putInto: (name: string, zone: string) => string;
  readonly putBack: (name: string) => string;
  readonly noZones: string;
  readonly unnamedZone: (place: number) => string;
  readonly unnamedPiece: string;
  readonly points: (points: number, outOf: number) => string;
  readonly verdicts: Readonly<Record<'right' | 'partly' | 'wrong' | 'empty', string>>;
}

/** Given once, near the root of the application. */
export interface Surroundings {
  readonly pictureUrl: (pictureId: string) => string;
  /** The address of the first picture of a moving one. */
  readonly stillUrl: (pictureId: string) => string;
  /** The address of a sticker of the collection. */
  readonly stickerUrl: (sticker: string) => string;
  readonly words: SlideWords;
}

const SurroundingsContext = createContext<Surroundings | null>(null);

/** Provides the surroundings to all slides below. */
export const SurroundingsProvider = SurroundingsContext.Provider;

/** The surroundings; throws when there are none above. */
export function useSurroundings(): Surroundings {
  const surroundings = useContext(SurroundingsContext);
  if (!surroundings) throw new Error('slides are drawn below a SurroundingsProvider');
  return surroundings;
}
