import fc from 'fast-check';
import { type ItemKindName, plainText } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { emptyWork, fieldsOf, fillKindOf, type SlideField, type Work } from './index.js';

const at = (x: number, y: number, width = 200, height = 50) => ({ x, y, width, height, rotation: 0 });
const words = (text: string, frame: ReturnType<typeof at>) => ({ frame, fields: { text: plainText(text) } });
const nothingFixed = () => false;

/** A field in short: what it is and the ids in it. */
function inShort(field: SlideField): string {
  switch (field.type) {
    case 'pieces':
      return `${field.pieces.map(({ id }) => id).join(' ')} > ${field.zones.map(({ id }) => id).join(' ')}`;
    case 'sentence':
      return field.parts.map((part) => (typeof part === 'string' ? part : `[${part.id}]`)).join(' ');
    case 'item':
      return field.item.id;
  }
}
const short = (...args: Parameters<typeof fieldsOf>) => fieldsOf(...args).map(inShort);

test('a blank stands in its sentence, with the words before and after it, and several in one line together', () => {
  const { deck } = new DeckBuilder()
    .slide('tides')
    .item('title', 'text', words('The tide in words', at(0, 0, 800, 80)))
    .item('where', 'blank', { frame: at(860, 200) })
    .item('in', 'text', words('in the', at(750, 205, 100, 40)))
    .item('hunts', 'text', words('At night the otter hunts', at(60, 205, 400, 40)))
    .item('what', 'blank', { frame: at(480, 200, 250) })
    .item('far', 'text', words('A note', at(1200, 205, 60, 40)))
    .item('alone', 'blank', { frame: at(60, 400) });
  expect(short(deck, emptyWork, 'tides', Infinity, nothingFixed)).toEqual([
    'At night the otter hunts [what] in the [where]',
    '[alone]',
  ]);
});

test('fields stand as their slide is read, from its top; pieces stand where the first of their zones does', () => {
  const { deck } = new DeckBuilder()
    .slide('shore')
    .item('why', 'short-text', { frame: at(700, 500) })
    .item('eel', 'shape', { loose: true, frame: at(0, 600) })
    .item('water', 'zone', { frame: at(0, 300) })
    .item('high', 'choice', { frame: at(0, 100) })
    .item('own', 'open-area', { frame: at(0, 500) });
  expect(short(deck, emptyWork, 'shore', Infinity, nothingFixed)).toEqual(['high', 'eel > water', 'own', 'why']);
});

test('pieces keep their places when they are moved, though what is moved comes to the front of its slide', () => {
  const { deck } = new DeckBuilder()
    .slide('shore')
    .item('eel', 'shape', { loose: true })
    .item('crab', 'shape', { loose: true })
    .item('water', 'zone');
  const moved: Work = { ...emptyWork, pieces: { eel: { x: 0, y: 0, zoneId: 'water' } } };
  expect(short(deck, moved, 'shore', Infinity, nothingFixed)).toEqual(['eel crab > water']);
});

test('pieces without a zone have no field, nor has what has not appeared, is hidden or is not theirs', () => {
  const { deck } = new DeckBuilder()
    .slide('cards')
    .item('card', 'shape', { loose: true })
    .item('later', 'choice')
    .item('hidden', 'choice')
    .apply([
      { type: 'set-item', id: 'later', fields: { appears: 2 } },
      { type: 'set-item', id: 'hidden', fields: { hidden: true } },
    ])
    .item('theirs', 'choice')
    .item('mine', 'choice');
  expect(short(deck, emptyWork, 'cards', 1, (id) => id === 'theirs')).toEqual(['mine']);
});

test('whatever counts as one to fill in has just one field', () => {
  const frame = fc.record({
    x: fc.integer({ min: 0, max: 1200 }),
    y: fc.integer({ min: 0, max: 700 }),
    width: fc.integer({ min: 10, max: 600 }),
    height: fc.integer({ min: 10, max: 200 }),
  });
  const kind = fc.constantFrom<ItemKindName>('blank', 'text', 'choice', 'number', 'open-area', 'shape');
  fc.assert(
    fc.property(fc.array(fc.record({ kind, frame }), { maxLength: 14 }), (items) => {
      const builder = new DeckBuilder().slide('s');
      items.forEach((item, place) => builder.item(`i${place}`, item.kind, { frame: { ...item.frame, rotation: 0 } }));
      const { deck } = builder;
      const asked = Object.values(deck.items)
        .filter((item) => fillKindOf(item)?.countsAsOne)
        .map(({ id }) => id);
      const there = fieldsOf(deck, emptyWork, 's', Infinity, nothingFixed).flatMap((field) =>
        field.type === 'item'
          ? [field.item.id]
          : field.type === 'sentence'
            ? field.parts.flatMap((part) => (typeof part === 'string' ? [] : [part.id]))
            : [],
      );
      expect([...there].sort()).toEqual([...asked].sort());
    }),
  );
});
