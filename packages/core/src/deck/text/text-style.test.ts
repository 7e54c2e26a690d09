import { DeckBuilder } from '../../testing/index.js';
import {
  addSlideFrom,
  applyChanges,
  type Deck,
  dressed,
  drawingOf,
  itemsOf,
  lookGoingBy,
  lookIn,
  lookWith,
  NOTEBOOK,
  PLAIN_LOOK,
  readItem,
  readTheme,
  setSlideSize,
  type TextItem,
  type Theme,
  themes,
} from '../index.js';

const deck = (): Deck => {
  const { deck: empty } = new DeckBuilder();
  return applyChanges(empty, addSlideFrom(empty, 'title-and-text', { id: 's', name: '' }));
};
const text = (of: Deck, role: string) =>
  itemsOf(of, 's').find((item): item is TextItem => item.kind === 'text' && item.role === role) as TextItem;
const withTitle = (fields: Partial<Theme['styles']['title']>): Theme => ({
  ...NOTEBOOK,
  styles: { ...NOTEBOOK.styles, title: { ...NOTEBOOK.styles.title, ...fields } },
});

test('parts of layouts go by the styles of the theme, and follow when one is changed', () => {
  const title = text(deck(), 'title');
  expect(lookIn(NOTEBOOK, title.look)).toMatchObject({ size: 60, heading: true, color: 'words', tracking: -0.012 });
  expect(lookIn(withTitle({ size: 50, color: 'accent' }), title.look)).toMatchObject({ size: 50, color: 'accent' });
  expect(lookIn(withTitle({ size: 50 }), text(deck(), 'body').look)).toMatchObject({ size: 36 });
});

test('what is set by hand is the text’s own, whatever its style says, until it goes by the style again', () => {
  const { look } = text(deck(), 'title');
  const green = lookWith(look, { color: '#4f6b26' });
  expect(lookIn(withTitle({ size: 60, color: 'accent' }), green)).toMatchObject({ size: 60, color: '#4f6b26' });
  expect(lookIn(withTitle({ color: 'accent' }), lookGoingBy(NOTEBOOK, green, 'title'))).toMatchObject({
    color: 'accent',
  });
  expect(lookWith(look, { align: 'center' }).own).toEqual([]);
});

test('a text that leaves its style looks as before', () => {
  const { look } = text(deck(), 'title');
  const free = lookGoingBy(NOTEBOOK, look, null);
  expect(lookIn(withTitle({ size: 50 }), free)).toMatchObject({ size: 60, heading: true, style: null });
});

test('an item is dressed once for a theme, and not at all without a style', () => {
  const title = text(deck(), 'title');
  expect(dressed(NOTEBOOK, title)).toBe(dressed(NOTEBOOK, title));
  const plain = { ...title, look: PLAIN_LOOK };
  expect(dressed(NOTEBOOK, plain)).toBe(plain);
});

test('a slide is drawn anew when a text style changes', () => {
  const before = deck();
  const after = applyChanges(before, [{ type: 'set-deck', fields: { theme: withTitle({ size: 50 }) } }]);
  expect(drawingOf(after, 's')).not.toBe(drawingOf(before, 's'));
});

test('styles grow and shrink with the slides', () => {
  const before = deck();
  const after = applyChanges(before, setSlideSize(before, '4:3', 'scale'));
  expect(lookIn(after.theme, text(after, 'title').look).size).toBe(45);
  const kept = applyChanges(before, setSlideSize(before, '4:3', 'keep'));
  expect(lookIn(kept.theme, text(kept, 'title').look).size).toBe(60);
});

test('styles and looks are read back as they were, and nonsense as usual', () => {
  for (const theme of themes) expect(readTheme(JSON.parse(JSON.stringify(theme)))).toEqual(theme);
  const spoilt = readTheme({ styles: { title: { size: 1e9, weight: 123, font: 'x', color: 'red' } } }).styles.title;
  expect(spoilt).toMatchObject({ size: 400, weight: null, font: null, color: 'words' });
  const item = readItem('i', { kind: 'text', slideId: 's', look: { style: 'title', own: ['size', 'nonsense'] } });
  expect(item?.kind === 'text' && item.look).toMatchObject({ style: 'title', own: ['size'] });
});
