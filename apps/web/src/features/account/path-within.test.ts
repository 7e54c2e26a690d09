import { pathWithin } from './path-within';

test('a page of the application, and none elsewhere', () => {
  expect(pathWithin('/decks/a?slide=b')).toBe('/decks/a?slide=b');
  for (const elsewhere of [null, '', 'https://elsewhere.example', '//elsewhere.example', '/\\elsewhere.example'])
    expect(pathWithin(elsewhere)).toBe('/');
});
