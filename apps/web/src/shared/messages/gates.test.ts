/** What gates are said to wait for. */
import type { Gate } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import { gateMissing, openWhen } from './gates';

const { deck } = new DeckBuilder()
  .slide('Shore')
  .item('tide', 'choice', { fields: { prompt: 'Low or high?' } })
  .item('zone', 'zone', { fields: { label: 'Low water' } })
  .item('shell', 'shape', { loose: true });

test.each<[Gate, string, string]>([
  [
    { opens: 'right', itemId: 'tide' },
    'open when “Low or high?” is answered right',
    'This way opens when “Low or high?” is answered right.',
  ],
  [
    { opens: 'filled', itemId: 'zone' },
    'open when something lies in “Low water”',
    'This way opens when you have put something into “Low water”.',
  ],
  [
    { opens: 'found', itemId: 'shell' },
    'open when the shape is found',
    'This way opens when you have found the shape and moved it.',
  ],
  [
    { opens: 'answered', itemId: 'gone' },
    'open when something that is gone is answered',
    'This way opens when you have answered something that is gone.',
  ],
  [{ opens: 'seen', slideId: 'Shore' }, 'open when “Shore” was seen', 'This way opens when you have seen “Shore”.'],
  [
    { opens: 'seen-count', count: 3 },
    'open when 3 different slides were seen',
    'This way opens when you have seen 1 more slide.',
  ],
])('a gate that opens by %j', (gate, opens, missing) => {
  expect(openWhen(deck, gate)).toBe(opens);
  expect(gateMissing(deck, gate, 1)).toBe(missing);
});
