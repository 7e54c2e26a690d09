/** In which order the students of a gradebook stand. */
import { type GradedLesson, meanOfStudent, shareOf } from '@gobrel/core/review';
import { byName } from '../../../shared/messages';

/** By name, by their average, or by what they reached in the chosen lesson; of the latter two the lowest come first. */
export const bookOrders = ['name', 'average', 'lesson'] as const;
export type BookOrder = (typeof bookOrders)[number];

/** A student of the class. */
export interface BookStudent {
  readonly id: string;
  readonly name: string;
}

/**
 * The students in an order; who has no score comes last, and equals stand by their names.
 * @param lesson the chosen lesson, for the order by it; without one its order is that by name
 */
export function inBookOrder<S extends BookStudent>(
  students: readonly S[],
  order: BookOrder,
  lessons: readonly GradedLesson[],
  lesson: GradedLesson | undefined,
): readonly S[] {
  const named = byName(students);
  if (order === 'name') return named;
  const shareOfStudent = (id: string) =>
    order === 'average' ? meanOfStudent(lessons, id) : shareOf(lesson?.results[id]);
  const shares = new Map(named.map(({ id }) => [id, shareOfStudent(id) ?? Infinity]));
  // Infinity less Infinity is no number: equals keep the order of their names.
  return [...named].sort((a, b) => (shares.get(a.id) ?? 0) - (shares.get(b.id) ?? 0) || 0);
}
