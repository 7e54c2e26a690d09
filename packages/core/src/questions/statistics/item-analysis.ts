/** How hard each question was and how well it told strong from weak, and how reliable they are together. */
import { type Deck, type ItemId } from '../../deck/index.js';
import type { Marks } from '../marking.js';
import { correlation, meanOf } from './correlation.js';
import { cronbachAlpha } from './reliability.js';

/** The figures of one question. */
export interface ItemFigures {
  readonly itemId: ItemId;
  /** The mean share of its points, 0 (nobody) to 1 (everybody); `null` when nobody's work is marked. */
  readonly facility: number | null;
  /** Point-biserial correlation of its marks with those for all other questions; `null` when one does not vary. */
  readonly discrimination: number | null;
  /** What the figures say, in words. */
  readonly says: string;
}

/** The figures of a set of questions. */
export interface SetFigures {
  readonly students: number;
  readonly items: readonly ItemFigures[];
  /** Cronbach's alpha; `null` when it cannot be computed. */
  readonly alpha: number | null;
  readonly says: string;
  /** Why to be careful with these figures; '' when there are students enough. */
  readonly caution: string;
}

/** Fewer students than this say little: a correlation is off by about one over the root of their number. */
const FEW = 30;
const VERY_FEW = 10;

/** A question whose points are looked at. */
export interface ScoredQuestion {
  readonly itemId: ItemId;
  /** The most points. */
  readonly outOf: number;
}

/** Figures for the marked questions of an edition, over the marks of many students. */
export function analyseMarks(edition: Deck, marks: readonly Marks[]): SetFigures {
  const questions = Object.keys(edition.items).flatMap((itemId): ScoredQuestion[] => {
    const outOf = marks.flatMap((one) => one.items[itemId]?.outOf ?? []);
    return outOf.length === 0 ? [] : [{ itemId, outOf: Math.max(...outOf) }];
  });
  return analyseScores(
    questions,
    marks.map((one) => questions.map(({ itemId }) => one.items[itemId]?.points ?? 0)),
  );
}

/** Figures for questions, over the points of many students. @param points a row a student, in the questions' order */
export function analyseScores(
  questions: readonly ScoredQuestion[],
  points: readonly (readonly number[])[],
): SetFigures {
  const sums = points.map((row) => row.reduce((sum, each) => sum + each, 0));
  const items = questions.map(({ itemId, outOf }, at): ItemFigures => {
    const own = points.map((row) => row[at] ?? 0);
    const rest = sums.map((sum, student) => sum - (own[student] ?? 0));
    const facility = points.length === 0 || outOf === 0 ? null : meanOf(own) / outOf;
    const discrimination = questions.length < 2 ? null : correlation(own, rest);
    return { itemId, facility, discrimination, says: itemInWords(facility, discrimination) };
  });
  const alpha = cronbachAlpha(points);
  return { students: points.length, items, alpha, says: alphaInWords(alpha), caution: cautionFor(points.length) };
}

/** Bounds as commonly taught, after Ebel 1965, Measuring Educational Achievement. */
function itemInWords(facility: number | null, discrimination: number | null): string {
  if (facility === null) return 'Nobody has answered yet.';
  const hard =
    facility >= 0.9
      ? 'very easy'
      : facility >= 0.7
        ? 'easy'
        : facility > 0.3
          ? 'middling'
          : facility > 0.1
            ? 'hard'
            : 'very hard';
  if (discrimination === null) return `${hard}; all did alike`;
  if (discrimination < 0) return `${hard}; those who did well elsewhere did worse here: look at its key`;
  if (discrimination < 0.2) return `${hard}; says little about who knows the rest`;
  return `${hard}; ${discrimination >= 0.4 ? 'tells strong from weak well' : 'tells strong from weak'}`;
}

function alphaInWords(alpha: number | null): string {
  if (alpha === null) return 'Too few questions or students, or no differences between them.';
  if (alpha >= 0.8) return 'The questions measure one thing well.';
  if (alpha >= 0.6) return 'The questions measure roughly one thing.';
  return 'The questions measure different things, or chance plays a large part.';
}

function cautionFor(students: number): string {
  if (students >= FEW) return '';
  if (students >= VERY_FEW) return `Only ${students} students: take these figures as hints.`;
  return `Only ${students} ${students === 1 ? 'student' : 'students'}: these figures can be chance alone.`;
}
