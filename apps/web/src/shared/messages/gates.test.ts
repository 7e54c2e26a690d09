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
    'unlocks when “Low or high?” is answered correctly',
    'Answer “Low or high?” correctly to unlock this link.',
  ],
  [
    { opens: 'filled', itemId: 'zone' },
    'unlocks when something is in “Low water”',
    'Put something into “Low water” to unlock this link.',
  ],
  [
    { opens: 'found', itemId: 'shell' },
    'unlocks when the shape is found',
    'Find the shape and move it to unlock this link.',
  ],
  [
    { opens: 'answered', itemId: 'gone' },
    'unlocks when something deleted is answered',
    'Answer something deleted to unlock this link.',
  ],
  [{ opens: 'seen', slideId: 'Shore' }, 'unlocks when “Shore” has been visited', 'Visit “Shore” to unlock this link.'],
  [{ opens: 'seen-count', count: 3 }, 'unlocks after 3 different slides', 'Visit 1 more slide to unlock this link.'],
])('a gate that opens by %j', (gate, opens, missing) => {
  expect(openWhen(deck, gate)).toBe(opens);
  expect(gateMissing(deck, gate, 1)).toBe(missing);
});
