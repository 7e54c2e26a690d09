/** A video on a slide: an item like any other. */
import { DeckBuilder } from '../../testing/index.js';
import {
  applyChanges,
  contentsIn,
  copyToClip,
  filesIn,
  itemsOf,
  nameOf,
  pasteItems,
  picturesIn,
  readClip,
  readItem,
  withoutPictures,
} from '../index.js';

const [file, poster] = ['a'.repeat(64), 'b'.repeat(64)];
const fields = { file, fileName: 'tide.webm', poster, alt: 'The tide comes in', controls: false };
const { deck } = new DeckBuilder().slide('creek').item('tide', 'video', { fields }).slide('ask').item('q', 'choice');

test('is read with defaults, and only with what can be stored', () => {
  const read = readItem('tide', { kind: 'video', slideId: 'creek', rank: 'a0', file: 'https://elsewhere.example/x' });
  expect(read).toMatchObject({ file: '', poster: '', alt: '', controls: true });
  expect(nameOf(deck.items['tide'] as never)).toBe('The tide comes in');
});

test('its file and its poster are stored beside the deck, each in its own way', () => {
  expect(filesIn(deck)).toEqual([file]);
  expect(picturesIn(deck)).toEqual([poster]);
});

test('is copied with all it has; what is somebody else’s goes', () => {
  const clip = readClip(copyToClip(deck, ['tide']).json);
  const { changes, pasted } = pasteItems(deck, 'ask', clip);
  const there = applyChanges(deck, changes);
  expect(there.items[pasted[0] ?? '']).toMatchObject({ kind: 'video', slideId: 'ask', ...fields });
  expect(applyChanges(deck, withoutPictures(deck, [poster])).items['tide']).toMatchObject({ file, poster: '' });
  const gone = applyChanges(deck, withoutPictures(deck, [file]));
  expect(itemsOf(gone, 'creek')).toEqual([]);
  expect(contentsIn(gone)).toEqual([]);
});
