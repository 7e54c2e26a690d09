import { plainText } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import {
  firstSlide,
  isOpen,
  linksFrom,
  linksOf,
  linksTo,
  nextInOrder,
  onwardByOrder,
  reachedByOrder,
  shownInOrder,
} from './index.js';

const linked = (words: string, slideId: string) => ({
  type: 'text' as const,
  text: words,
  marks: [{ type: 'link' as const, attrs: { destination: { to: 'slide' as const, slideId } } }],
});

describe('links', () => {
  const { deck } = new DeckBuilder()
    .slide('gate')
    .item('sign', 'shape', { link: { to: 'slide', slideId: 'hide' }, fields: { text: plainText('Climb to the hide') } })
    .item('story', 'text', {
      fields: {
        text: {
          type: 'doc',
          content: [
            {
              type: 'paragraph',
              content: [
                { type: 'text', text: 'Go on or ' },
                linked('follow ', 'splash'),
                { ...linked('the splash', 'splash'), marks: [{ type: 'bold' }, ...linked('', 'splash').marks] },
                { type: 'text', text: ', or ' },
                linked('wait', 'splash'),
              ],
            },
          ],
        },
      },
    })
    .slide('hide')
    .item('door', 'hotspot', { name: 'The door', link: { to: 'slide', slideId: 'gone' } })
    .slide('splash')
    .item('home', 'text', { link: { to: 'back' } });

  test('a link is known by its words or by what its item is called', () => {
    expect(linksFrom(deck, 'gate').map(({ carrier, words }) => [carrier, words])).toEqual([
      ['Climb to the hide', null],
      ['follow the splash', 'follow the splash'],
      ['wait', 'wait'],
    ]);
    expect(linksFrom(deck, 'hide')[0]?.carrier).toBe('The door');
  });

  test('a slide knows which slides lead to it', () => {
    expect(linksTo(deck, 'splash').map((link) => link.from)).toEqual(['gate', 'gate']);
    expect(linksTo(deck, 'gate')).toEqual([]);
  });

  test('a link to a slide that is gone is open', () => {
    expect(
      linksOf(deck)
        .filter((link) => isOpen(deck, link.destination))
        .map((link) => link.itemId),
    ).toEqual(['door']);
  });
});

describe('running order of the show', () => {
  const { deck } = new DeckBuilder().slide('a', { leftOut: true }).slide('b').slide('c', { leftOut: true }).slide('d');

  test('slides left out are passed over, and one may still go on from them', () => {
    expect(shownInOrder(deck).map((slide) => slide.id)).toEqual(['b', 'd']);
    expect(firstSlide(deck)?.id).toBe('b');
    expect(nextInOrder(deck, 'b')?.id).toBe('d');
    expect(nextInOrder(deck, 'c')?.id).toBe('d');
    expect(nextInOrder(deck, 'd')).toBeNull();
  });

  test('a deck of slides that are all left out still begins somewhere; an empty deck does not', () => {
    expect(firstSlide(new DeckBuilder().slide('only', { leftOut: true }).deck)?.id).toBe('only');
    expect(firstSlide(new DeckBuilder().deck)).toBeNull();
  });

  test('next leads on from open exits only, also from a slide that is left out', () => {
    const { deck: story } = new DeckBuilder().slide('a').slide('b', { exits: 'links-only' }).slide('c').slide('d');
    expect(onwardByOrder(story, 'a')?.id).toBe('b');
    expect(onwardByOrder(story, 'b')).toBeNull();
    expect(reachedByOrder(story, 'b').map((slide) => slide.id)).toEqual(['a']);
    expect(reachedByOrder(story, 'c')).toEqual([]);
    expect(reachedByOrder(deck, 'd').map((slide) => slide.id)).toEqual(['b', 'c']);
  });
});
