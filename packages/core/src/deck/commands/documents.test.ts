/** Pages of documents on slides. */
import { DeckBuilder } from '../../testing/index.js';
import { applyChanges } from '../model/change.js';
import { itemsOf } from '../model/items-in-order.js';
import { slidesInOrder } from '../model/deck.js';
import { addPages, type DocumentPage, pageRange, readPageRange } from './index.js';

const page = (number: number, links: DocumentPage['links'] = []): DocumentPage => ({
  number,
  picture: 'a'.repeat(64),
  pixels: { width: 1000, height: 1400 },
  name: `Page ${number}`,
  says: `Line of page ${number}`,
  links,
});
const box = { x: 0.1, y: 0.2, width: 0.3, height: 0.05 };
const start = () => new DeckBuilder().slide('creek').slide('end').deck;

test('pages become slides after the one that is worked on, in order, whole and in the middle', () => {
  const { changes, slideIds } = addPages(start(), 'creek', [page(2), page(5)], 'slides');
  const deck = applyChanges(start(), changes);
  expect(slidesInOrder(deck).map(({ name, id }) => name || id)).toEqual(['creek', 'Page 2', 'Page 5', 'end']);
  const [picture] = itemsOf(deck, slideIds[0] ?? '');
  expect(picture).toMatchObject({ kind: 'picture', layer: 'slide', alt: 'Page 2', says: 'Line of page 2' });
  expect(picture?.frame.height).toBeCloseTo(720);
  expect(picture?.frame.x).toBeCloseTo((1280 - (720 / 1400) * 1000) / 2);
});

test('links lead to pages that came along and to the web; those that lead elsewhere are counted', () => {
  const pages = [
    page(1, [
      { box, to: { page: 2 } },
      { box, to: { page: 9 } },
      { box, to: { address: 'https://marsh.example/tides' } },
      { box, to: { address: 'javascript:alert(1)' } },
    ]),
    page(2),
  ];
  const { changes, slideIds, linksLost } = addPages(start(), 'creek', pages, 'slides');
  const deck = applyChanges(start(), changes);
  const links = itemsOf(deck, slideIds[0] ?? '').flatMap(({ kind, link }) => (kind === 'hotspot' ? [link] : []));
  expect(links).toEqual([
    expect.objectContaining({ to: 'slide', slideId: slideIds[1] }),
    expect.objectContaining({ to: 'web', address: 'https://marsh.example/tides' }),
  ]);
  expect(linksLost).toBe(2);
});

test('on worksheets the page is locked in the backdrop, under an area to write in', () => {
  const { changes, slideIds } = addPages(start(), 'creek', [page(1)], 'worksheets');
  const items = itemsOf(applyChanges(start(), changes), slideIds[0] ?? '');
  expect(items.map(({ kind, layer }) => [kind, layer])).toEqual([
    ['picture', 'backdrop'],
    ['open-area', 'slide'],
  ]);
});

test('as pictures they lie on the slide itself, over each other', () => {
  const { changes, slideIds, itemIds } = addPages(start(), 'creek', [page(1), page(2)], 'pictures');
  expect(slideIds).toEqual([]);
  expect(itemsOf(applyChanges(start(), changes), 'creek').map(({ id }) => id)).toEqual(itemIds);
});

test('pages written as ranges are read, and written again as they were read', () => {
  expect(readPageRange('1-3, 8; 5', 10)).toEqual([1, 2, 3, 5, 8]);
  expect(readPageRange('2–4,', 10)).toEqual([2, 3, 4]);
  expect(readPageRange('', 10)).toEqual([]);
  for (const wrong of ['0', '4-2', '11', 'a', '1-2-3']) expect(readPageRange(wrong, 10)).toBeNull();
  for (let mask = 0; mask < 256; mask += 1) {
    const pages = [1, 2, 3, 4, 5, 6, 7, 8].filter((each) => mask & (1 << (each - 1)));
    expect(readPageRange(pageRange(pages), 8)).toEqual(pages);
  }
});
