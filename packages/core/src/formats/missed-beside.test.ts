/** What stands beside questions and is missed in a file of them. */
import { DeckBuilder } from '../testing/index.js';
import { missedBeside } from './index.js';

test('a video is listed where it stands beside questions, unless it is out of sight', () => {
  const fields = { file: 'a'.repeat(64), alt: 'The tide comes in' };
  const alone = new DeckBuilder().slide('creek').item('tide', 'video', { fields }).slide('ask').item('q', 'choice');
  expect(missedBeside(alone.deck)).toEqual([]);
  const beside = new DeckBuilder().slide('ask').item('q', 'choice').item('tide', 'video', { fields });
  expect(missedBeside(beside.deck)).toEqual([{ name: 'The tide comes in', why: { code: 'no-place', kind: 'video' } }]);
  beside.apply([{ type: 'set-item', id: 'tide', fields: { hidden: true } }]);
  expect(missedBeside(beside.deck)).toEqual([]);
});
