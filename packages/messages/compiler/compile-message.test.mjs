import { formats } from '../runtime.js';
import { compileMessage } from './compile-message.mjs';

/** What a message says with these values. */
function says(message, values, locale = 'en-GB') {
  const { code } = compileMessage(message);
  const helpers = formats(locale);
  const made = new Function(...Object.keys(helpers), `return ${code}`)(...Object.values(helpers));
  return typeof made === 'function' ? made(values) : made;
}

test('a message without values is a text', () => {
  expect(compileMessage('Not yet').type).toBe('string');
  expect(says('Not yet')).toBe('Not yet');
  expect(says('It’s <b>, don’t and don\'t, "so" \\ `')).toBe('It’s <b>, don’t and don\'t, "so" \\ `');
  expect(says("'{'braces'}'")).toBe('{braces}');
  expect(says('')).toBe('');
});

test('a message with values is a function of them, with a type that names each', () => {
  expect(compileMessage('{name} in {zone}').type).toBe(
    '(values: { readonly "name": string | number; readonly "zone": string | number }) => string',
  );
  expect(says('{name} in {zone}', { name: 'Owl', zone: 'Tree' })).toBe('Owl in Tree');
  expect(says('{left}{left}', { left: 2 })).toBe('22');
});

test.each([
  [0, 'none'],
  [1, '1 slide'],
  [2, '2 slides'],
  [1200, '1,200 slides'],
])('%d takes its form of the plural', (count, said) => {
  expect(says('{count, plural, =0 {none} one {# slide} other {# slides}}', { count })).toBe(said);
});

test('plurals go by the rules of the locale, and leave out what an offset says', () => {
  expect(says('{n, plural, one {jeden} few {kilka} other {wiele}}', { n: 3 }, 'pl')).toBe('kilka');
  expect(says('{n, plural, offset:1 =0 {nobody} one {you and # more} other {you and # more}}', { n: 3 })).toBe(
    'you and 2 more',
  );
  expect(says('{n, selectordinal, one {#st} two {#nd} few {#rd} other {#th}}', { n: 22 })).toBe('22nd');
});

test('a plural in a choice in a text', () => {
  const message = 'On it: {is, select, true {{n, plural, one {# link} other {# links}}} other {nothing}}.';
  expect(says(message, { is: true, n: 1 })).toBe('On it: 1 link.');
  expect(says(message, { is: false, n: 1 })).toBe('On it: nothing.');
  expect(compileMessage(message).type).toBe('(values: { readonly "is": boolean; readonly "n": number }) => string');
});

test('a choice takes the other form for what it does not name, whatever objects inherit', () => {
  expect(says('{by, select, a {A} other {?}}', { by: 'toString' })).toBe('?');
});

test('numbers and dates by their skeletons', () => {
  expect(says('{ratio, number, ::.0}', { ratio: 2 })).toBe('2.0');
  expect(says('{most, number}', { most: 20000 }, 'es')).toBe('20.000');
  expect(says('{at, date, ::dMMMM}', { at: '2026-03-04T12:00:00Z' })).toBe('4 March');
});

test.each([['{name'], ['{n, plural, one {#}}'], ['{at, date, medium}'], ['{a, number} {a, select, x {1} other {2}}']])(
  '%s is refused',
  (message) => {
    expect(() => compileMessage(message)).toThrow(SyntaxError);
  },
);
