import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  addItem,
  addSlideFrom,
  addTable,
  applyChanges,
  applyFormat,
  boxGoingBy,
  type Deck,
  dressed,
  formatOf,
  frameOfPart,
  type Item,
  type ItemFields,
  itemsOf,
  layoutNames,
  lookFields,
  moveItems,
  partsIn,
  PLAIN_LOOK,
  setItemFields,
  setLayout,
  setLink,
  setLoose,
  setTheme,
  type ShapeItem,
  sizeOf,
  type TableItem,
  themeOn,
  themes,
  USUAL_STYLES,
  zonesOn,
} from '../index.js';

const theme = (name: string) => {
  const found = themes.find((each) => each.name === name);
  if (!found) throw new Error(`There is no theme ${name}.`);
  return found;
};

/** A deck with a title slide and a section slide. */
function opened(): Deck {
  const { deck } = new DeckBuilder();
  const titled = applyChanges(deck, addSlideFrom(deck, 'title', { id: 't', name: '' }));
  return applyChanges(titled, addSlideFrom(titled, 'section', { id: 's', name: '', after: 't' }));
}

const part = (deck: Deck, slideId: string, role: string): Item => {
  const item = itemsOf(deck, slideId).find((each) => each.role === role);
  if (!item) throw new Error(`There is no ${role}.`);
  return item;
};

test('words of title and section slides stand where the theme leaves room, and follow when it changes', () => {
  const anyTheme = fc.constantFrom(...themes);
  fc.assert(
    fc.property(anyTheme, anyTheme, (first, second) => {
      const begun = opened();
      const inFirst = applyChanges(begun, setTheme(begun, first));
      const deck = applyChanges(inFirst, setTheme(inFirst, second));
      for (const [slideId, layout] of [
        ['t', 'title'],
        ['s', 'section'],
      ] as const)
        for (const wanted of partsIn(second, layout)) {
          const item = part(deck, slideId, wanted.role);
          expect(item.frame).toEqual(frameOfPart(wanted, sizeOf(deck)));
          expect(item.kind === 'text' && item.look.align).toBe(second.pages[layout].align);
        }
    }),
  );
});

test('words that somebody moved stay where they are', () => {
  const deck = opened();
  const title = part(deck, 't', 'title');
  const moved = applyChanges(deck, moveItems(deck, [title.id], 30, 0));
  const after = applyChanges(moved, setTheme(moved, theme('Rock pool')));
  expect(part(after, 't', 'title').frame).toEqual(part(moved, 't', 'title').frame);
  expect(part(after, 't', 'subtitle').frame).not.toEqual(part(moved, 't', 'subtitle').frame);
});

test('the title of a title slide from before goes by the styles of a new layout too', () => {
  const deck = opened();
  const title = part(deck, 't', 'title');
  const look = { ...PLAIN_LOOK, ...USUAL_STYLES.title, style: 'title', size: 64, own: ['size'], upright: 'bottom' };
  const before = applyChanges(deck, [{ type: 'set-item', id: title.id, fields: { look } }]);
  const after = part(applyChanges(before, setLayout(before, 't', 'title-and-text')), 't', 'title');
  expect(after.kind === 'text' && after.look).toMatchObject({ style: 'title', own: [], upright: 'middle' });
});

test('only title and section slides have colours of their own', () => {
  for (const each of themes)
    for (const layout of layoutNames) {
      const page = layout === 'title' || layout === 'section' ? each.pages[layout] : each;
      expect(themeOn(each, layout).colours).toEqual(page.colours);
      expect(themeOn(each, layout)).toBe(themeOn(each, layout));
    }
});

/** A deck with a shape, in a theme. */
function withShape(fields: ItemFields = {}, name = 'Saltmarsh'): Deck {
  const built = new DeckBuilder().slide('a').deck;
  const deck = { ...built, theme: theme(name) };
  const added = applyChanges(deck, addItem(deck, { id: 'shape', slideId: 'a', kind: 'shape' }));
  return applyChanges(added, setItemFields(added, 'shape', fields));
}

const shapeIn = (deck: Deck): ShapeItem => deck.items['shape'] as ShapeItem;
const worn = (deck: Deck): ShapeItem => dressed(deck.theme, shapeIn(deck)) as ShapeItem;

test('a new shape that gets a link is a button of the theme; made loose it is a piece', () => {
  const plain = withShape();
  expect(worn(plain)).toBe(shapeIn(plain));
  const linked = applyChanges(plain, setLink(plain, 'shape', { to: 'next' }));
  expect(worn(linked)).toMatchObject({ shape: 'signpost', fill: '#fbf3dc', look: { color: '#11302a', weight: 700 } });
  const loose = applyChanges(plain, setLoose(plain, ['shape'], true));
  expect(worn(loose)).toMatchObject({ shape: 'pill', fill: theme('Saltmarsh').colours.accent });
});

test('a shape that somebody gave a look keeps it, and one that is as large as a ground is no button', () => {
  const red = withShape({ fill: '#aa0000' });
  expect(worn(applyChanges(red, setLink(red, 'shape', { to: 'next' }))).fill).toBe('#aa0000');
  const large = withShape();
  const frame = { x: 0, y: 0, width: 1280, height: 720, rotation: 0 };
  const grown = applyChanges(large, [{ type: 'set-item', id: 'shape', fields: { frame } }]);
  expect(shapeIn(applyChanges(grown, setLink(grown, 'shape', { to: 'next' }))).boxStyle).toBeNull();
});

test('what is set by hand on a button is drawn so in every theme, even what a new shape would have', () => {
  const button = withShape({ boxStyle: 'button' });
  const set = applyChanges(button, setItemFields(button, 'shape', { fill: 'ground' }));
  const coloured = applyChanges(set, setItemFields(set, 'shape', lookFields(shapeIn(set), { color: 'words' })));
  expect(shapeIn(coloured).own).toEqual(['fill', 'color']);
  const elsewhere = applyChanges(coloured, setTheme(coloured, theme('Dune')));
  expect(worn(elsewhere)).toMatchObject({ shape: 'blown', fill: 'ground', look: { color: 'words' } });
  const back = applyChanges(
    elsewhere,
    setItemFields(elsewhere, 'shape', boxGoingBy(elsewhere.theme, shapeIn(elsewhere), 'button')),
  );
  expect(worn(back)).toMatchObject({ fill: theme('Dune').colours.second });
});

test('a button that leaves its look looks as before', () => {
  const button = withShape({ boxStyle: 'button' });
  const before = worn(button);
  const free = applyChanges(button, setItemFields(button, 'shape', boxGoingBy(button.theme, shapeIn(button), null)));
  const { shape, fill, outline, outlineWidth } = before;
  expect(worn(free)).toMatchObject({ boxStyle: null, shape, fill, outline, outlineWidth });
  expect(worn(free).finish).toBeUndefined();
});

test('the look of a button is given to a shape as a button, to a table as it is seen', () => {
  const button = withShape({ boxStyle: 'button' });
  const other = applyChanges(button, addItem(button, { id: 'other', slideId: 'a', kind: 'shape' }));
  const deck = applyChanges(other, addTable(other, 'table', 'a'));
  const given = applyChanges(deck, applyFormat(deck, ['other', 'table'], formatOf(deck.theme, shapeIn(deck))));
  expect(given.items['other']).toMatchObject({ boxStyle: 'button', own: [] });
  const elsewhere = applyChanges(given, setTheme(given, theme('Dune')));
  expect(dressed(elsewhere.theme, elsewhere.items['other'] as Item)).toMatchObject({ shape: 'blown' });
  expect(dressed(given.theme, given.items['table'] as Item)).toMatchObject({ fill: '#fbf3dc' });
  // A plain shape’s look makes a button plain.
  const plain = withShape();
  const mixed = applyChanges(
    plain,
    addItem(plain, { id: 'b', slideId: 'a', kind: 'shape', fields: { boxStyle: 'button' } }),
  );
  const made = applyChanges(mixed, applyFormat(mixed, ['b'], formatOf(mixed.theme, shapeIn(mixed))));
  expect(made.items['b']).toMatchObject({ boxStyle: null, fill: 'ground' });
});

test('nothing that only a drawing has is held', () => {
  const button = withShape({ boxStyle: 'button' });
  const read = applyChanges(button, setItemFields(button, 'shape', { finish: worn(button).finish }));
  expect(shapeIn(read)).not.toHaveProperty('finish');
});

test('zones that nobody gave a shape have that of the theme; others keep their own', () => {
  const built = new DeckBuilder().slide('a').deck;
  const deck = { ...built, theme: theme('Rock pool') };
  const zoned = applyChanges(deck, addItem(deck, { id: 'z', slideId: 'a', kind: 'zone' }));
  expect(zonesOn(zoned, 'a').map(({ shape }) => shape)).toEqual(['pebble']);
  const oval = applyChanges(zoned, setItemFields(zoned, 'z', { shape: 'ellipse' }));
  expect(zonesOn(oval, 'a').map(({ shape }) => shape)).toEqual(['ellipse']);
});

test('a new table is drawn as the theme has tables, but for what is set on it', () => {
  const built = new DeckBuilder().slide('a').deck;
  const deck = { ...built, theme: theme('Workshop') };
  const made = applyChanges(deck, addTable(deck, 'table', 'a'));
  const set = applyChanges(made, setItemFields(made, 'table', { fill: '#ddeeff' }));
  expect(dressed(set.theme, set.items['table'] as TableItem)).toMatchObject({
    fill: '#ddeeff',
    headingFill: theme('Workshop').colours.words,
    headingColor: '#ffffff',
    drawnAs: { rules: 'grid' },
  });
});
