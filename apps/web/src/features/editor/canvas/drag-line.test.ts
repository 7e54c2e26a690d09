import { slideSizes } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import { draggedLine, lineAfter } from './drag-line';

const deck = new DeckBuilder()
  .slide('s')
  .item('ground', 'shape', { frame: { x: 0, y: 0, width: 1280, height: 720, rotation: 0 } })
  .item('pool', 'shape', { frame: { x: 600, y: 300, width: 100, height: 60, rotation: 0 } })
  .item('line', 'line', { frame: { x: 100, y: 100, width: 200, height: 8, rotation: 0 } }).deck;
const drop = (x: number, y: number, tie = true) =>
  lineAfter(
    deck,
    'line',
    draggedLine(deck, 'line', { kind: 'line-end', which: 'to' }, { x, y }, { tie, slide: slideSizes['16:9'] }),
  );

test('an end dropped on an item is tied to the side it was dropped near', () => {
  expect(drop(605, 335)?.to).toMatchObject({ at: 'pool', side: 'left' });
});

test('an end dropped beside everything, on what fills the slide, or with Ctrl is free', () => {
  expect(drop(900, 600)?.to.at).toBeNull();
  expect(drop(605, 335, false)?.to.at).toBeNull();
});

test('its middle bends it', () => {
  const changes = draggedLine(
    deck,
    'line',
    { kind: 'line-middle' },
    { x: 200, y: 204 },
    { tie: true, slide: slideSizes['16:9'] },
  );
  expect(lineAfter(deck, 'line', changes)?.bend).toBe(-100);
});
