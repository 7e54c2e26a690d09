/** What every drawn slide needs from the application around it: where pictures are, and words in the reader's language. */
import type { ChartForm } from '@gobrel/core/deck';
import type { Reason, Verdict } from '@gobrel/core/questions';
import { createContext, useContext } from 'react';

/** The words that a slide itself says, given by the application's message catalogue. */
export interface SlideWords {
  readonly hotspot: string;
  readonly blank: string;
  readonly yourAnswer: string;
  readonly addText: string;
  readonly yourText: string;
  readonly adding: AddingWords;
  readonly tooLong: (most: number) => string;
  readonly pieces: PieceWords;
  readonly asking: AskingWords;
  readonly media: MediaWords;
  readonly chart: ChartWords;
  readonly points: (points: number, outOf: number) => string;
  /** Why a mark is as it is, in a sentence. */
  readonly reason: (reason: Reason) => string;
  readonly verdicts: Readonly<Record<Verdict, string>>;
}

/** The words about what is added in open areas. */
interface AddingWords {
  readonly text: string;
  readonly picture: string;
  readonly camera: string;
  readonly sign: string;
  readonly pen: string;
  readonly eraser: string;
  readonly done: string;
  readonly tools: string;
  readonly move: string;
  readonly moved: string;
  readonly larger: string;
  readonly smaller: string;
  readonly remove: string;
  readonly unnamed: Readonly<Record<'picture' | 'sticker' | 'sign', string>>;
  readonly hardToSee: Readonly<Record<'small-letters' | 'blurred', string>>;
}

/** The words about pieces and zones, most of them spoken. */
export interface PieceWords {
  readonly name: (name: string, zone: string | null) => string;
  readonly pile: (name: string, left: number | null) => string;
  readonly help: string;
  readonly turnsHelp: string;
  readonly pickedUp: (name: string, zone: string | null) => string;
  readonly over: (zone: string) => string;
  readonly moved: (x: number, y: number) => string;
  readonly turned: (degrees: number) => string;
  readonly putInto: (name: string, zone: string) => string;
  readonly lies: (name: string) => string;
  readonly full: (name: string, zone: string) => string;
  readonly notTaken: (name: string, zone: string) => string;
  readonly wentHome: (name: string) => string;
  readonly putBack: (name: string) => string;
  readonly stays: (name: string) => string;
  readonly zone: (zone: string, count: number, capacity: number) => string;
  readonly unnamedZone: (place: number) => string;
  readonly unnamed: string;
  readonly turn: (name: string) => string;
}

/** The words of questions. */
export interface AskingWords {
  readonly pickOne: string;
  readonly pickSeveral: string;
  readonly choose: string;
  readonly number: string;
  readonly words: (count: number) => string;
  readonly wordsWanted: (least: number, most: number) => string;
  readonly dot: (place: number, of: number) => string;
  readonly dotAt: (across: number, down: number) => string;
  readonly onScale: (value: string, unit: string) => string;
  readonly placeDot: string;
  readonly removeDots: string;
  readonly dotHelp: string;
  readonly pen: string;
  readonly highlighter: string;
  readonly eraser: string;
  readonly colours: Readonly<Record<string, string>>;
  readonly undoStroke: string;
  readonly drawing: (strokes: number) => string;
  readonly drawHelp: string;
  readonly penDown: string;
  readonly penUp: string;
  readonly noRoom: string;
  readonly record: string;
  readonly recordAgain: string;
  readonly stop: string;
  readonly recording: (seconds: number, longest: number) => string;
  readonly noMicrophone: string;
  readonly recorded: (seconds: number) => string;
  readonly howSure: string;
  readonly sure: Readonly<Record<1 | 2 | 3 | 4, string>>;
}

/** The words of videos and sounds. */
export interface MediaWords {
  readonly play: (name: string) => string;
  readonly pause: (name: string) => string;
  readonly placeIn: (name: string) => string;
  readonly transcript: string;
  readonly closeTranscript: string;
  readonly transcriptOf: (name: string) => string;
  readonly cannotPlay: string;
}

/** The words of charts. */
export interface ChartWords {
  readonly empty: string;
  readonly forms: Readonly<Record<ChartForm, string>>;
}

/** Given once, near the root of the application. */
export interface Surroundings {
  readonly pictureUrl: (pictureId: string) => string;
  /** The address of the first picture of a moving one. */
  readonly stillUrl: (pictureId: string) => string;
  /** The address of a stored file that is no picture. */
  readonly fileUrl: (fileId: string) => string;
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
