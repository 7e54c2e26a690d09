import fc from 'fast-check';
import { dayOf, endOf } from './until-field';

test('the end of a day is still that day where the reader is, and the next moment is not', () => {
  fc.assert(
    fc.property(fc.date({ min: new Date(2001, 0, 1), max: new Date(9998, 0, 1), noInvalidDate: true }), (at) => {
      const end = new Date(endOf(dayOf(at)));
      expect(dayOf(end)).toBe(dayOf(at));
      expect(dayOf(new Date(end.getTime() + 1000))).not.toBe(dayOf(at));
    }),
  );
});
