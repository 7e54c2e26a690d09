import { compileFeature, flatMessages, nameOfFeature, readLanguages } from './compile-catalogue.mjs';
import { pseudoMessage } from './pseudo.mjs';

test('a feature becomes a module with an export a message, and its types', () => {
  const { code, types } = compileFeature('board', {
    delete: 'Delete',
    'at-end': { one: 'A', two: ['B', '{n, number}'] },
  });
  expect(code).toContain('export { m0 as "delete" };');
  expect(code).toContain('export { m1 as "at-end" };');
  expect(code).toContain("import { number } from './formats.js';");
  expect(types).toContain('declare const m0: string;');
  expect(types).toContain('readonly "two": readonly [string, (values: { readonly "n": number }) => string]');
});

test('what is wrong is said with its path', () => {
  expect(() => compileFeature('board', { states: { right: '{' } })).toThrow(/board\.states\.right/);
});

test('names of features and paths of messages', () => {
  expect(nameOfFeature('hand-out')).toBe('handOut');
  expect(flatMessages({ a: { b: 'B', c: ['C', 'D'] } })).toEqual({ 'a.b': 'B', 'a.c.0': 'C', 'a.c.1': 'D' });
});

test.each([
  ['Remove {name}?', 'Ŕéɱöṽé··· {name}?'],
  ['{n, plural, one {# link} other {# links}}', '{n,plural,one{# ļîñķ··} other{# ļîñķš··}}'],
  ['{at, date, ::dMMMM}', '{at, date, ::dMMMM}'],
  ['12 %', '12 %'],
])('the pseudo-language says %s as %s', (message, said) => {
  expect(pseudoMessage(message)).toBe(said);
});

test('every language that ships says every English message', () => {
  const [english, ...others] = readLanguages().map(({ catalogue }) => Object.keys(flatMessages(catalogue)));
  expect(english.length).toBeGreaterThan(1000);
  for (const other of others) expect(other).toEqual(english);
});
