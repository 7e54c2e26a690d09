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

/** Fewer students than this say little (Nunnally and Bernstein 1994, chapter 8, want far more). */
const FEW = 30;
const VERY_FEW = 10;

/** Figures for the marked questions of an edition, over the marks of many students. */
export function analyseMarks(edition: Deck, marks: readonly Marks[]): SetFigures {
  const ids = Object.keys(edition.items).filter((id) => marks.some((one) => one.items[id]));
  const shares = marks.map((one) =>
    ids.map((id) => {
      const mark = one.items[id];
      return mark && mark.outOf > 0 ? mark.points / mark.outOf : 0;
    }),
  );
  const points = marks.map((one) => ids.map((id) => one.items[id]?.points ?? 0));
  const sums = points.map((row) => row.reduce((sum, each) => sum + each, 0));
  const items = ids.map((itemId, at): ItemFigures => {
    const own = points.map((row) => row[at] ?? 0);
    const rest = sums.map((sum, student) => sum - (own[student] ?? 0));
    const facility = marks.length === 0 ? null : meanOf(shares.map((row) => row[at] ?? 0));
    const discrimination = ids.length < 2 ? null : correlation(own, rest);
    return { itemId, facility, discrimination, says: itemInWords(facility, discrimination) };
  });
  const alpha = cronbachAlpha(points);
  return { students: marks.length, items, alpha, says: alphaInWords(alpha), caution: cautionFor(marks.length) };
}

/** Bounds as commonly taught: Ebel and Frisbie 1991, Essentials of Educational Measurement, tables 13.1 and 13.2. */
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
