import type { Reason, Rule } from '@gobrel/core/questions';
import { problemInWords } from './problems';
import { reasonInWords, ruleInWords } from './reasons';

test.each<[Reason, string]>([
  [{ code: 'not-marked' }, 'Not marked yet.'],
  [{ code: 'said', text: '' }, ''],
  [{ code: 'key', key: 'A, C' }, 'Correct: A, C.'],
  [{ code: 'no-such-unit', unit: 'miles', key: '12 km' }, '“miles” isn’t an accepted unit. Correct: 12 km.'],
  [{ code: 'pieces', right: 1, of: 2, wrong: 0 }, '1 of 2 that belong here.'],
  [{ code: 'pieces', right: 1, of: 2, wrong: 1 }, '1 of 2 that belong here, 1 that does not belong.'],
  [{ code: 'any-piece', right: 2, wrong: 3 }, '2 that belong here, 3 that do not belong.'],
  [{ code: 'places', found: 1, of: 3, elsewhere: 1 }, '1 of 3 places found, 1 point elsewhere.'],
])('the reason %j reads “%s”', (reason, said) => {
  expect(reasonInWords(reason)).toBe(said);
});

test.each<[Rule, string]>([
  [
    { code: 'words', forgiving: 'nothing', slips: 0, strict: 'nothing' },
    'All points for an accepted answer; capitals and accents do not matter.',
  ],
  [
    { code: 'words', forgiving: 'both', slips: 1, strict: 'both' },
    'All points for an accepted answer, with up to 1 slip in spelling and * and ? standing for letters; capitals and accents matter.',
  ],
  [{ code: 'number', half: true }, 'All points for just this number; half of them when the unit is missing.'],
  [{ code: 'number-within', tolerance: '5 %', key: '20 m', half: false }, 'All points within 5 % of 20 m.'],
  [{ code: 'any-piece', points: 1 }, '1 point for any piece that belongs here, if no other one is here.'],
])('the rule %j reads “%s”', (rule, said) => {
  expect(ruleInWords(rule)).toBe(said);
});

test('a problem says its values; of a form that is not right, its first fault is said', () => {
  expect(problemInWords({ status: 404, code: 'not-found', values: { what: 'seat' } })).toBe(
    'There is no such name in this class here, or it is not yours. Check the address.',
  );
  expect(problemInWords({ status: 429, code: 'too-many-attempts', values: { seconds: 1 } })).toBe(
    'Too many attempts. Wait 1 second, then try again.',
  );
  expect(problemInWords({ status: 422, code: 'not-valid', fields: { pin: 'pin', name: 'other' } })).toBe(
    'A PIN has four digits.',
  );
  expect(problemInWords({ status: 422, code: 'not-valid' })).toBe('Please check the marked fields.');
});
