import fc from 'fast-check';
import type { GradedLesson } from '@gobrel/core/review';
import { meanOfStudent, shareOf } from '@gobrel/core/review';
import { bookOrders, inBookOrder } from './book-order';

const students = ['Noor Ashby', 'Amaro Finch', 'Dov Kestrel', 'Ines Calder'].map((name) => ({ id: name, name }));

const result = fc.option(fc.record({ points: fc.nat(4), outOf: fc.constantFrom(0, 4), unmarked: fc.nat(2) }));
const lesson = (id: string) =>
  fc.tuple(result, result, result, result).map((results): GradedLesson => ({
    id,
    title: id,
    openedAt: '2026-11-20T09:00:00Z',
    results: Object.fromEntries(
      students.flatMap((student, at) => (results[at] ? [[student.id, results[at]] as const] : [])),
    ),
  }));

test('every student stands in every order once', () => {
  fc.assert(
    fc.property(fc.tuple(lesson('tides'), lesson('watch')), fc.constantFrom(...bookOrders), (lessons, order) => {
      const ordered = inBookOrder(students, order, lessons, lessons[1]);
      expect(new Set(ordered)).toEqual(new Set(students));
      expect(ordered).toHaveLength(students.length);
    }),
  );
});

test('the lowest score comes first, no score last, and equals stand by name', () => {
  fc.assert(
    fc.property(fc.tuple(lesson('tides'), lesson('watch')), fc.boolean(), (lessons, isByLesson) => {
      const ordered = inBookOrder(students, isByLesson ? 'lesson' : 'average', lessons, lessons[0]);
      const shares = ordered.map(({ id }) =>
        isByLesson ? shareOf(lessons[0].results[id]) : meanOfStudent(lessons, id),
      );
      for (const [at, share] of shares.slice(1).entries()) {
        const before = shares[at] ?? null;
        if (before === null) expect(share).toBeNull();
        else if (share !== null) expect(share).toBeGreaterThanOrEqual(before);
        if (share === before) {
          expect((ordered[at]?.name ?? '').localeCompare(ordered[at + 1]?.name ?? '')).toBeLessThan(0);
        }
      }
    }),
  );
});

test('by name it is the same whatever was reached, and without a lesson so is the order by lesson', () => {
  const names = ['Amaro Finch', 'Dov Kestrel', 'Ines Calder', 'Noor Ashby'];
  expect(inBookOrder(students, 'name', [], undefined).map(({ name }) => name)).toEqual(names);
  expect(inBookOrder(students, 'lesson', [], undefined).map(({ name }) => name)).toEqual(names);
});
