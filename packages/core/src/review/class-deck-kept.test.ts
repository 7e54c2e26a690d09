import { applyChanges, itemsOf, lettersOf, slidesInOrder } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { applyWorkChanges, emptyWork } from '../work/index.js';
import { keptClassDeck, withoutPages } from './index.js';

const frame = { x: 640, y: 120, width: 500, height: 400, rotation: 0 };
const edition = new DeckBuilder('Cards')
  .slide('how')
  .slide('page', { layout: 'class-page' })
  .item('title', 'text', { role: 'title' })
  .item('species', 'short-text', { fields: { prompt: 'What is it?' } })
  .item('area', 'open-area', { frame }).deck;
const added = { areaId: 'area', x: 660, y: 140, width: 90, height: 60 };
const work = applyWorkChanges(emptyWork, [
  { part: 'answers', id: 'species', value: { kind: 'words', text: 'an otter' } },
  { part: 'added', id: 't', value: { kind: 'text', ...added, text: 'It dives.', size: 30 } },
  { part: 'added', id: 'st', value: { kind: 'sticker', ...added, sticker: '1f9a6', alt: 'otter' } },
  { part: 'added', id: 'si', value: { kind: 'sign', ...added, strokes: ['M2 12h20'], alt: 'the water' } },
]);

test('a class deck is kept as a deck with a page for each student, on which nothing asks any more', () => {
  const pictures = { area: { id: 'f'.repeat(64), width: 1000, height: 800 } };
  const works = [
    { name: 'Noor Ashby', work, pictures },
    { name: 'Dov Kestrel', work: emptyWork, pictures: {} },
  ];
  const { deck, pages } = keptClassDeck(edition, { mode: 'slide-each', works, title: 'Cards of 6 Heron' });
  expect(deck.title).toBe('Cards of 6 Heron');
  expect(slidesInOrder(deck).map(({ name }) => name)).toEqual(['how', 'Noor Ashby', 'Dov Kestrel']);
  const [, noor, dov] = slidesInOrder(deck);
  expect(pages).toEqual([[noor?.id], [dov?.id]]);
  const items = itemsOf(deck, noor?.id ?? '');
  const texts = items.flatMap((item) => (item.kind === 'text' ? [lettersOf(item.text)] : []));
  expect(texts).toEqual(['Noor Ashby', 'What is it?\nan otter', 'It dives.']);
  expect(items.map(({ kind }) => kind).sort()).toEqual(['picture', 'sign', 'sign', 'text', 'text', 'text']);
  expect(itemsOf(deck, dov?.id ?? '').some(({ kind }) => kind === 'open-area' || kind === 'short-text')).toBe(false);
});

test('pages are taken out of a kept deck with everything on them, also when nothing else is in it', () => {
  const works = [{ name: 'Noor Ashby', work, pictures: {} }];
  const { deck, pages } = keptClassDeck(edition, { mode: 'slide-each', works, title: 'Cards' });
  const without = applyChanges(deck, withoutPages(deck, pages.flat()));
  expect(slidesInOrder(without).map(({ name }) => name)).toEqual(['how']);
  const empty = applyChanges(deck, withoutPages(deck, Object.keys(deck.slides)));
  expect(slidesInOrder(empty)).toHaveLength(1);
  expect(JSON.stringify(empty)).not.toContain('Noor');
});

test('copies are kept as the slides that were filled in, a section for each student, without links to what is not there', () => {
  const copies = new DeckBuilder('Tides')
    .slide('start')
    .slide('low', { name: 'Low water' })
    .item('species', 'short-text', { fields: { prompt: 'What is it?' } })
    .item('back', 'shape', { link: { to: 'slide', slideId: 'start' } })
    .slide('end').deck;
  const works = [
    { name: 'Noor Ashby', work, pictures: {} },
    { name: 'Dov Kestrel', work: emptyWork, pictures: {} },
  ];
  const { deck, pages } = keptClassDeck(copies, { mode: 'copy-each', works, title: 'Tides, 6 Heron' });
  expect(pages.map((each) => each.length)).toEqual([1, 1]);
  expect(slidesInOrder(deck).map(({ id }) => id)).toEqual(pages.flat());
  expect(Object.values(deck.sections).map(({ title }) => title)).toEqual(['Noor Ashby', 'Dov Kestrel']);
  const items = slidesInOrder(deck).flatMap(({ id }) => itemsOf(deck, id));
  expect(items.map(({ link }) => link).filter((link) => link !== null)).toEqual([]);
  expect(items.some((item) => item.kind === 'text' && lettersOf(item.text) === 'What is it?\nan otter')).toBe(true);
});
