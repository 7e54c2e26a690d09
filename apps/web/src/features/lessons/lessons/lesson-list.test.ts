import fc from 'fast-check';
import { byMonth, fitting } from './lesson-list';

const lesson = fc.record({
  title: fc.constantFrom('Shore zones', 'Night watch', 'Exit questions: Ébb and flow'),
  className: fc.constantFrom('6 Heron', '5 Tern', ''),
  openedAt: fc
    .date({ min: new Date('2024-01-01'), max: new Date('2027-01-01'), noInvalidDate: true })
    .map((at) => at.toISOString()),
});

test('every lesson stands in one month, the latest first', () => {
  fc.assert(
    fc.property(fc.array(lesson), (lessons) => {
      const months = byMonth(lessons);
      const all = months.flatMap((month) => month.lessons);
      expect(new Set(all)).toEqual(new Set(lessons));
      expect(all).toHaveLength(lessons.length);
      expect(new Set(months.map(({ id }) => id)).size).toBe(months.length);
      for (const [at, { openedAt }] of all.slice(1).entries()) {
        expect(Date.parse(openedAt)).toBeLessThanOrEqual(Date.parse(all[at]?.openedAt ?? ''));
      }
      for (const { id, lessons: inMonth } of months) {
        for (const { openedAt } of inMonth) {
          const at = new Date(openedAt);
          expect(id).toBe(`${at.getFullYear()}-${String(at.getMonth() + 1).padStart(2, '0')}`);
        }
      }
    }),
  );
});

test('titles are found by their words, without accents; a class by its name', () => {
  const lessons = [
    { title: 'Exit questions: Ébb and flow', className: '6 Heron' },
    { title: 'Shore zones', className: '5 Tern' },
  ];
  const titles = (sought: string, className = '') => fitting(lessons, { sought, className }).map(({ title }) => title);
  expect(titles('')).toHaveLength(2);
  expect(titles('flow ebb')).toEqual(['Exit questions: Ébb and flow']);
  expect(titles('flow zones')).toEqual([]);
  expect(titles('', '5 Tern')).toEqual(['Shore zones']);
  expect(titles('ebb', '5 Tern')).toEqual([]);
});
