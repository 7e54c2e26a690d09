/** Marks of everybody's work where it is looked at: each work is marked once for as long as it stays the same value. */
import type { Deck } from '../deck/index.js';
import { type Marks, markWork } from '../questions/index.js';
import type { Work } from '../work/index.js';
import { type Review, reviewedMarks } from './review.js';

/**
 * Remembers marks by the identity of what they were made of, so it needs no clearing: a work that changed is another
 * value, and what nobody holds any more is forgotten. Works and editions must never be changed in place.
 */
export class MarksMemo {
  private readonly byKey = new WeakMap<Deck, WeakMap<Work, Marks>>();
  private readonly reviewed = new WeakMap<Marks, { readonly review: Review; readonly marks: Marks }>();

  /** Whether a work was marked for this edition already. */
  has(edition: Deck, work: Work): boolean {
    return this.byKey.get(edition)?.has(work) ?? false;
  }

  /** Takes marks by the keys that were made elsewhere, by `markWork` of this very edition and work. */
  put(edition: Deck, work: Work, marks: Marks): void {
    const known = this.byKey.get(edition) ?? new WeakMap<Work, Marks>();
    this.byKey.set(edition, known.set(work, marks));
  }

  /** The marks by the keys and by what the teacher gave; the same value for the same edition, work and review. */
  marks(edition: Deck, work: Work, review: Review): Marks {
    const byKey = this.byKey.get(edition)?.get(work) ?? markWork(edition, work);
    this.put(edition, work, byKey);
    const last = this.reviewed.get(byKey);
    if (last?.review === review) return last.marks;
    const marks = reviewedMarks(byKey, review, edition);
    this.reviewed.set(byKey, { review, marks });
    return marks;
  }
}
