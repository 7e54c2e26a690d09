/** How hard each question was and how well it told strong from weak, and how reliable they are together. */
import { type Deck, type ItemId } from '../../deck/index.js';
import { hasSeen, type Work } from '../../work/index.js';
import type { Marks } from '../marking.js';
import { correlation, meanOf } from './correlation.js';
import { cronbachAlpha } from './reliability.js';

/** The figures of one question. */
interface ItemFigures {
  readonly itemId: ItemId;
  /** The mean share of its points among those who came to it, 0 (nobody) to 1 (everybody); `null` when nobody did. */
  readonly facility: number | null;
  /** Point-biserial correlation of its marks with the mean of all other questions; `null` when one does not vary. */
  readonly discrimination: number | null;
  /** What the figures say; `null` when nobody has answered yet. */
  readonly reading: ItemReading | null;
}

/** What the figures of a question say. */
export interface ItemReading {
  readonly difficulty: 'very-easy' | 'easy' | 'middling' | 'hard' | 'very-hard';
  /** How well it tells strong from weak: all did alike; the strong did worse; weakly, fairly, strongly. */
  readonly power: 'alike' | 'reversed' | 'weak' | 'fair' | 'strong';
}

/** Whether questions measure one thing: well, roughly, hardly; unknown when it cannot be computed. */
type Reliability = 'unknown' | 'good' | 'fair' | 'poor';

/** Why to be careful: few students, or so few that chance alone can make the figures. */
type Caution = 'few' | 'very-few';

/** The figures of a set of questions. */
export interface SetFigures {
  /** How many students the figures are of. */
  readonly students: number;
  readonly items: readonly ItemFigures[];
  /** Cronbach's alpha, at most 1; `null` when it cannot be computed. */
  readonly alpha: number | null;
  readonly reliability: Reliability;
  /** `null` when there are students enough. */
  readonly caution: Caution | null;
}

/** Fewer students than this say little: a correlation is off by about one over the root of their number. */
const FEW = 30;
const VERY_FEW = 10;

/** A question whose points are looked at. */
interface ScoredQuestion {
  readonly itemId: ItemId;
  /** The most points. */
  readonly outOf: number;
}

/** The marks of one student, and the work they are of. */
export interface MarkedWork {
  readonly work: Work;
  readonly marks: Marks;
}

/**
 * Figures for the marked questions of an edition, over the marks of many students. What somebody never came to, or what
 * waits for a person to mark it, says nothing about them.
 */
export function analyseMarks(edition: Deck, works: readonly MarkedWork[]): SetFigures {
  const questions = Object.keys(edition.items).flatMap((itemId): ScoredQuestion[] => {
    const outOf = works.flatMap(({ marks }) => markedOf(marks, itemId)?.outOf ?? []);
    return outOf.length === 0 || Math.max(...outOf) === 0 ? [] : [{ itemId, outOf: Math.max(...outOf) }];
  });
  return analyseScores(
    questions,
    works.map(({ work, marks }) =>
      questions.map(({ itemId }) => {
        const mark = markedOf(marks, itemId);
        const slideId = edition.items[itemId]?.slideId ?? '';
        return !mark || (mark.verdict === 'empty' && !hasSeen(work, slideId)) ? null : mark.points;
      }),
    ),
  );
}

function markedOf(marks: Marks, itemId: ItemId) {
  const mark = marks.items[itemId];
  return mark?.verdict === 'unmarked' ? undefined : mark;
}

/**
 * Figures for questions, over the points of many students.
 * @param points a row a student, in the questions' order; `null` for what somebody did not come to
 */
export function analyseScores(
  questions: readonly ScoredQuestion[],
  points: readonly (readonly (number | null)[])[],
): SetFigures {
  const items = questions.map(({ itemId, outOf }, at): ItemFigures => {
    // Those who came to this question, with what they earned for all others they came to.
    const pairs = points.flatMap((row) => {
      const own = row[at] ?? null;
      const others = row.filter((_points, other) => other !== at).filter((each) => each !== null);
      return own === null ? [] : [{ own, rest: others.length === 0 ? null : meanOf(others) }];
    });
    const facility = pairs.length === 0 || outOf === 0 ? null : meanOf(pairs.map(({ own }) => own)) / outOf;
    const compared = pairs.flatMap(({ own, rest }) => (rest === null ? [] : [[own, rest] as const]));
    const discrimination = correlation(
      compared.map(([own]) => own),
      compared.map(([, rest]) => rest),
    );
    return { itemId, facility, discrimination, reading: readFigures(facility, discrimination, compared.length) };
  });
  // Reliability compares whole rows: those of everybody who came to every question.
  const whole = points.filter((row) => row.every((each) => each !== null));
  const alpha = cronbachAlpha(whole);
  return { students: points.length, items, alpha, reliability: readAlpha(alpha), caution: cautionFor(points.length) };
}

/** Bounds as commonly taught, after Ebel 1965, Measuring Educational Achievement. */
function readFigures(facility: number | null, discrimination: number | null, students: number): ItemReading | null {
  if (facility === null) return null;
  const difficulty =
    facility >= 0.9
      ? 'very-easy'
      : facility >= 0.7
        ? 'easy'
        : facility > 0.3
          ? 'middling'
          : facility > 0.1
            ? 'hard'
            : 'very-hard';
  return { difficulty, power: powerOf(discrimination, students) };
}

function powerOf(discrimination: number | null, students: number): ItemReading['power'] {
  if (discrimination === null) return 'alike';
  // What chance alone brings about (two standard errors of no correlation) is no reason to doubt a key.
  if (discrimination < -chanceOf(students)) return 'reversed';
  if (discrimination < 0.2) return 'weak';
  return discrimination >= 0.4 ? 'strong' : 'fair';
}

/** How far from none a correlation of so many is by chance, 19 times of 20. */
function chanceOf(students: number): number {
  return Math.max(0.1, 2 / Math.sqrt(Math.max(1, students - 1)));
}

function readAlpha(alpha: number | null): Reliability {
  if (alpha === null) return 'unknown';
  return alpha >= 0.8 ? 'good' : alpha >= 0.6 ? 'fair' : 'poor';
}

function cautionFor(students: number): Caution | null {
  if (students >= FEW) return null;
  return students >= VERY_FEW ? 'few' : 'very-few';
}
