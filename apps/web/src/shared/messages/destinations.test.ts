/** What is said of where a link leads. */
import { DeckBuilder } from '@gobrel/core/testing';
import { destinationIn } from './destinations';

const { deck } = new DeckBuilder()
  .slide('Shore')
  .item('close', 'viewpoint', { name: 'Close up' })
  .item('nameless', 'viewpoint')
  .item('shape', 'shape')
  .slide('second', { name: '' });

test.each([
  [{ to: 'viewpoint', itemId: 'close' }, 'Close up'],
  [{ to: 'viewpoint', itemId: 'nameless' }, 'Viewpoint'],
  [{ to: 'viewpoint', itemId: 'shape' }, 'Viewpoint deleted'],
  [{ to: 'viewpoint', itemId: 'taken away' }, 'Viewpoint deleted'],
  [{ to: 'slide', slideId: 'Shore' }, 'Shore'],
  [{ to: 'slide', slideId: 'second' }, 'Slide 2'],
  [{ to: 'slide', slideId: 'taken away' }, 'Broken link (slide deleted)'],
] as const)('a link to %j reads “%s”', (to, said) => {
  expect(destinationIn(deck, to)).toBe(said);
});
