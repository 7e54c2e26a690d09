import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  applyChanges,
  colourIn,
  colourNames,
  contrastOf,
  drawingOf,
  emptyDeck,
  isSameTheme,
  NOTEBOOK,
  readColour,
  readDeck,
  readTheme,
  themes,
} from '../index.js';

test('there are eight themes and more, each under a name of its own', () => {
  expect(themes.length).toBeGreaterThanOrEqual(8);
  expect(new Set(themes.map((theme) => theme.name)).size).toBe(themes.length);
});

test.each(themes)('in $name all words can be read on the ground, quiet and coloured ones too', ({ colours }) => {
  expect(contrastOf(colours.words, colours.ground)).toBeGreaterThan(7);
  for (const name of ['soft', 'accent', 'second', 'third'] as const)
    expect([name, contrastOf(colours[name], colours.ground) >= 4.5]).toEqual([name, true]);
});

/** As the drawing of questions mixes them (slide-view.css): in sRGB, so much of the second colour. */
function mixed(one: string, other: string, share: number): string {
  const part = (colour: string, at: number) => parseInt(colour.slice(1 + 2 * at, 3 + 2 * at), 16);
  const channel = (at: number) => Math.round(part(one, at) * (1 - share) + part(other, at) * share);
  return `#${[0, 1, 2].map((at) => channel(at).toString(16).padStart(2, '0')).join('')}`;
}

test.each(themes)(
  'in $name questions can be read on their card, also what is picked and what is quiet',
  ({ colours }) => {
    const { ground, words, accent, soft } = colours;
    expect(contrastOf(words, mixed(ground, words, 0.05))).toBeGreaterThan(7);
    expect(contrastOf(words, mixed(ground, accent, 0.18))).toBeGreaterThan(4.5);
    expect(contrastOf(soft, mixed(ground, words, 0.01))).toBeGreaterThan(4.4);
    // The edge of what can be filled in is seen (WCAG 2.2, 1.4.11).
    expect(contrastOf(mixed(ground, words, 0.62), mixed(ground, words, 0.05))).toBeGreaterThan(3);
  },
);

test('a theme’s backdrop is one that is known', () => {
  expect(readTheme({ backdrop: 'waves' }).backdrop).toBe('waves');
  expect(readTheme({ backdrop: 'fireworks' }).backdrop).toBe('plain');
  expect(new Set(themes.map((theme) => theme.backdrop)).size).toBeGreaterThan(4);
});

test('contrast is that of WCAG: black on white 21, a colour on itself 1, the same both ways', () => {
  expect(contrastOf('#000000', '#ffffff')).toBeCloseTo(21);
  expect(contrastOf('#777777', '#ffffff')).toBeCloseTo(4.48, 2);
  const colour = fc.integer({ min: 0, max: 0xffffff }).map((value) => `#${value.toString(16).padStart(6, '0')}`);
  fc.assert(
    fc.property(colour, colour, (a, b) => {
      expect(contrastOf(a, a)).toBeCloseTo(1);
      expect(contrastOf(a, b)).toBeCloseTo(contrastOf(b, a), 10);
      expect(contrastOf(a, b)).toBeGreaterThanOrEqual(1);
    }),
  );
});

test('a colour by name is looked up in the theme; any other is itself', () => {
  expect(colourIn(NOTEBOOK, 'accent')).toBe('#0f5c5a');
  expect(colourIn(NOTEBOOK, '#123456')).toBe('#123456');
  expect(colourIn(NOTEBOOK, 'transparent')).toBe('transparent');
  expect(readColour('accent', '')).toBe('accent');
  expect(readColour('tomato', '')).toBe('');
});

test('anything at all gives a theme, and a theme is read as it was written', () => {
  fc.assert(fc.property(fc.jsonValue(), (value) => colourNames.every((name) => name in readTheme(value).colours)));
  for (const theme of themes) expect(readTheme(JSON.parse(JSON.stringify(theme)))).toEqual(theme);
});

test('a deck keeps its theme through JSON; one without is in the usual one', () => {
  const deck = applyChanges(emptyDeck('A deck'), [{ type: 'set-deck', fields: { theme: themes[2] ?? NOTEBOOK } }]);
  expect(readDeck(JSON.parse(JSON.stringify(deck))).deck.theme).toEqual(themes[2]);
  expect(readDeck({ version: 1 }).deck.theme).toEqual(NOTEBOOK);
});

test('another theme makes another drawing, the same theme read anew does not', () => {
  const deck = new DeckBuilder().slide('a').deck;
  const same = applyChanges(deck, [{ type: 'set-deck', fields: { theme: readTheme({ ...deck.theme }) } }]);
  expect(drawingOf(same, 'a')).toBe(drawingOf(deck, 'a'));
  const other = applyChanges(deck, [{ type: 'set-deck', fields: { theme: themes[3] ?? NOTEBOOK } }]);
  expect(drawingOf(other, 'a')).not.toBe(drawingOf(deck, 'a'));
  expect(isSameTheme(deck.theme, other.theme)).toBe(false);
});
