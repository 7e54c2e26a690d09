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
  type TableLook,
  type ThemeBoxes,
  themes,
} from '../index.js';

test('there are eight themes and more, each under a name of its own', () => {
  expect(themes.length).toBeGreaterThanOrEqual(8);
  expect(new Set(themes.map((theme) => theme.name)).size).toBe(themes.length);
});

/** The six colours of each page of each theme. */
const pages = themes.flatMap((theme) => [
  { name: theme.name, page: 'text', colours: theme.colours },
  { name: theme.name, page: 'title', colours: theme.pages.title.colours },
  { name: theme.name, page: 'section', colours: theme.pages.section.colours },
]);

test.each(pages)('in $name words can be read on the ground of $page slides, and what stands out is seen', (each) => {
  const { words, soft, ground, accent, second, third } = each.colours;
  expect(contrastOf(words, ground)).toBeGreaterThanOrEqual(7);
  expect(contrastOf(soft, ground)).toBeGreaterThanOrEqual(4.5);
  for (const colour of [accent, second, third]) expect(contrastOf(colour, ground)).toBeGreaterThanOrEqual(3);
});

/** As the drawing of questions mixes them (slide-view.css): in sRGB, so much of the second colour. */
function mixed(one: string, other: string, share: number): string {
  const part = (colour: string, at: number) => parseInt(colour.slice(1 + 2 * at, 3 + 2 * at), 16);
  const channel = (at: number) => Math.round(part(one, at) * (1 - share) + part(other, at) * share);
  return `#${[0, 1, 2].map((at) => channel(at).toString(16).padStart(2, '0')).join('')}`;
}

test.each(themes)('in $name what is written in boxes can be read, also what is picked and what is quiet', (theme) => {
  const { words, accent } = theme.colours;
  const boxes = theme.boxes as ThemeBoxes;
  const fill = (name: 'button' | 'piece' | 'card' | 'choice' | 'zone') => colourIn(theme, boxes[name].fill);
  for (const name of ['button', 'piece'] as const)
    expect([name, contrastOf(colourIn(theme, boxes[name].words), fill(name)) >= 4.5]).toEqual([name, true]);
  for (const name of ['card', 'choice', 'zone'] as const)
    expect([name, contrastOf(words, fill(name)) >= 7]).toEqual([name, true]);
  expect(contrastOf(words, mixed(fill('card'), accent, 0.2))).toBeGreaterThan(4.5);
  expect(contrastOf(theme.colours.soft, fill('card'))).toBeGreaterThan(4.5);
  // The edge of what can be filled in is seen (WCAG 2.2, 1.4.11), and so is the mark of what is picked.
  expect(contrastOf(mixed(fill('card'), words, 0.62), fill('card'))).toBeGreaterThan(3);
  expect(contrastOf(accent, fill('choice'))).toBeGreaterThan(3);
  // Letters of choices: on the accent, or in it.
  const letter =
    boxes.choiceLetter === 'filled' ? contrastOf(theme.colours.ground, accent) : contrastOf(accent, fill('choice'));
  expect(letter).toBeGreaterThanOrEqual(4.5);
});

test.each(themes)('in $name the cells and the headings of tables can be read', (theme) => {
  const table = theme.table as TableLook;
  const on = (name: string) => (name === 'transparent' ? theme.colours.ground : colourIn(theme, name));
  expect(contrastOf(theme.colours.words, on(table.ground))).toBeGreaterThanOrEqual(7);
  if (table.stripe !== 'transparent')
    expect(contrastOf(theme.colours.words, on(table.stripe))).toBeGreaterThanOrEqual(7);
  const heads = table.headFill === 'transparent' ? on(table.ground) : on(table.headFill);
  expect(contrastOf(colourIn(theme, table.headWords), heads)).toBeGreaterThanOrEqual(4.5);
});

/** A theme as it was stored before themes had pages and boxes. */
const earlier = {
  name: 'Saltmarsh',
  colours: {
    ground: '#eaf1ef',
    words: '#16302f',
    soft: '#45605d',
    accent: '#1f6a4d',
    second: '#8a5a00',
    third: '#3d4e8a',
  },
  headingFont: 'rounded',
  textFont: 'rounded',
  styles: { title: { size: 48, color: 'words', heading: true, font: null, weight: null, lineSpacing: null } },
  backdrop: 'waves',
};

test('a theme from before keeps looking as it did: one set of colours, boxes and tables as they say themselves', () => {
  const theme = readTheme(earlier);
  expect(theme).toMatchObject({ ...earlier, boxes: null, table: null, titleMark: null, bullet: 'disc' });
  expect(theme.pages.title.colours).toEqual(theme.colours);
  expect(theme.pages.section.colours).toEqual(theme.colours);
  expect(readTheme({}).colours).toMatchObject({ ground: '#fffcf5', accent: '#0f5c5a' });
});

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
  expect(colourIn(NOTEBOOK, 'accent')).toBe(NOTEBOOK.colours.accent);
  expect(colourIn(NOTEBOOK, '#123456')).toBe('#123456');
  expect(colourIn(NOTEBOOK, 'transparent')).toBe('transparent');
  expect(readColour('accent', '')).toBe('accent');
  expect(readColour('tomato', '')).toBe('');
});

test('anything at all gives a theme, and a theme is read as it was written', () => {
  fc.assert(fc.property(fc.jsonValue(), (value) => colourNames.every((name) => name in readTheme(value).colours)));
  for (const theme of themes) expect(readTheme(JSON.parse(JSON.stringify(theme)))).toEqual(theme);
});

test('a deck keeps its theme through JSON; one without is in that of the first version', () => {
  const deck = applyChanges(emptyDeck('A deck'), [{ type: 'set-deck', fields: { theme: themes[2] ?? NOTEBOOK } }]);
  expect(readDeck(JSON.parse(JSON.stringify(deck))).deck.theme).toEqual(themes[2]);
  expect(readDeck({ version: 1 }).deck.theme).toEqual(readTheme({}));
});

test('another theme makes another drawing, the same theme read anew does not', () => {
  const deck = new DeckBuilder().slide('a').deck;
  const same = applyChanges(deck, [{ type: 'set-deck', fields: { theme: readTheme({ ...deck.theme }) } }]);
  expect(drawingOf(same, 'a')).toBe(drawingOf(deck, 'a'));
  const other = applyChanges(deck, [{ type: 'set-deck', fields: { theme: themes[3] ?? NOTEBOOK } }]);
  expect(drawingOf(other, 'a')).not.toBe(drawingOf(deck, 'a'));
  expect(isSameTheme(deck.theme, other.theme)).toBe(false);
});
