/** Asking: what all questions have in common, whatever they ask. */
import { type Fields, readBoolean, readFields, readNumber, readOneOf, readString, readStrings } from './reading.js';

/** When a student is told how an answer stands: when they ask for it, once everything is submitted, or never. */
export const feedbackTimes = ['at-once', 'submitted', 'never'] as const;

/** When a student is told. */
type FeedbackTime = (typeof feedbackTimes)[number];

/** What is said to an answer, by how it stands; '' for nothing besides that. */
interface Feedback {
  readonly right: string;
  readonly partly: string;
  readonly wrong: string;
}

/** The fields of every question. */
export interface Asking {
  /** The points a right answer earns, whole or half, 0 to 100; in a zone, each piece that belongs there. */
  readonly points: number;
  /** Part of the key: what is said to an answer. */
  readonly feedback: Feedback;
  /** Given one after the other to whoever asks for one. */
  readonly hints: readonly string[];
  /** How often an answer may be checked before it stays as it is; 0 for any number of times. */
  readonly attempts: number;
  readonly feedbackAt: FeedbackTime;
  /** Whether students also say how sure they are. */
  readonly asksSure: boolean;
}

/** A part of a picture, in shares of its width and height. */
export interface Region {
  readonly id: string;
  readonly shape: 'box' | 'oval';
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** Nothing said beyond right and wrong. */
const NO_FEEDBACK: Feedback = { right: '', partly: '', wrong: '' };

/** The most hints a question can have. */
const MOST_HINTS = 5;
/** The most attempts a question can have. */
export const MOST_ATTEMPTS = 20;

/** The most points a question can be worth. */
const MOST_POINTS = 100;

/** Points as a question can be worth them: whole or half. Whatever is worth something stays worth something. */
export function roundedPoints(points: number): number {
  const halves = Math.round(Math.min(MOST_POINTS, Math.max(0, points)) * 2) / 2;
  return points > 0 ? Math.max(0.5, halves) : 0;
}

/** The fields of a question from untrusted JSON. Points are whole or half, 0 to 100. */
export function readAsking(fields: Fields): Asking {
  const feedback = readFields(fields['feedback']);
  return {
    points: roundedPoints(readNumber(fields['points'], 1, 0, MOST_POINTS)),
    feedback: {
      right: readString(feedback?.['right'], '', 500),
      partly: readString(feedback?.['partly'], '', 500),
      wrong: readString(feedback?.['wrong'], '', 500),
    },
    hints: readStrings(fields['hints'], 500, MOST_HINTS),
    attempts: Math.round(readNumber(fields['attempts'], 0, 0, MOST_ATTEMPTS)),
    feedbackAt: readOneOf(fields['feedbackAt'] ?? fields['tells'], feedbackTimes, 'never'),
    asksSure: readBoolean(fields['asksSure'], false),
  };
}

/** A question's fields without what its key would tell. */
export function askingWithoutKey<T extends Asking>(item: T): T {
  return { ...item, feedback: NO_FEEDBACK };
}
