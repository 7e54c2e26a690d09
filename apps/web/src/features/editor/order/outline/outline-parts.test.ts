/** What of a slide its outline has. */
import { plainText } from '@gobrel/core/deck';
import { DeckBuilder } from '@gobrel/core/testing';
import { linksRead, textsOf } from './outline-parts';

const to = (slideId: string) => ({ to: 'slide' as const, slideId });
const frame = (y: number) => ({ x: 0, y, width: 100, height: 40, rotation: 0 });
const { deck } = new DeckBuilder()
  .slide('fork', { name: 'The fork' })
  .item('low', 'shape', { fields: { text: plainText('Climb') }, frame: frame(300), link: to('hide') })
  .item('high', 'shape', {
    fields: { text: plainText('Splash') },
    frame: frame(200),
    link: { ...to('gone'), gate: { opens: 'seen', slideId: 'hide' } },
  })
  .item('empty', 'shape', { frame: frame(10) })
  .item('title', 'text', { fields: { text: plainText('The fork') }, frame: frame(400), role: 'title' })
  .item('spot', 'hotspot', { frame: frame(0), link: { to: 'end' } })
  .item('sort', 'shape', {
    fields: { text: plainText('Sort it') },
    frame: frame(350),
    link: { to: 'by-answer', questionId: 'asked', right: 'hide', wrong: 'fork', choices: {} },
  })
  .item('asked', 'choice', { frame: frame(500) })
  .slide('hide', { name: 'The hide' });

test('the title comes first wherever it stands, then texts from top to bottom; shapes without words are left out', () => {
  expect(textsOf(deck, 'fork').map(({ item, isTitle }) => [item.id, isTitle])).toEqual([
    ['title', true],
    ['high', false],
    ['low', false],
    ['sort', false],
  ]);
});

test('links are said with what carries them, where they lead and what they wait for, as texts are read', () => {
  const read = linksRead(deck, 'fork', textsOf(deck, 'fork'));
  expect(read.map(({ carrier, leadsTo, slideId, isBroken }) => [carrier, leadsTo, slideId, isBroken])).toEqual([
    ['Splash', 'Broken link (slide deleted), unlocks when “The hide” has been visited', null, true],
    ['Climb', 'The hide', 'hide', false],
    ['Sort it', 'The hide if correct, The fork if incorrect', null, false],
    ['Hotspot', 'the end', null, false],
  ]);
});
