import { themes } from '@gobrel/core/deck';
import { themes as named } from '@gobrel/messages';
import { themeName } from './theme-name';

test('every theme that comes along has a name in the catalogue, and no other is there', () => {
  expect(Object.keys(named).sort()).toEqual(themes.map(({ name }) => name).sort());
});

test('a theme of one’s own is called as it was', () => {
  expect(themeName({ name: 'toString' })).toBe('toString');
  expect(themeName({ name: 'Ours' })).toBe('Ours');
});
