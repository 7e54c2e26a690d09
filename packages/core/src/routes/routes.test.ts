import { addWay, applyChanges, isDangling, leadAway, leadLink, leadTo, plainText } from '../deck/index.js';
import { boxesMeet } from '../geometry/index.js';
import { DeckBuilder } from '../testing/index.js';
import {
  branchesOf,
  firstSlide,
  linksFrom,
  linksOf,
  linksTo,
  nextInOrder,
  onwardByOrder,
  reachedByOrder,
  routeGraph,
  shownInOrder,
  slideLedTo,
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

  test('a link is led elsewhere, or taken away, whether an item or some of its words carry it', () => {
    const [sign, trail, wait] = linksFrom(deck, 'gate');
    if (!sign || !trail || !wait) throw new Error('the gate has three links');
    const after = [sign, trail].reduce(
      (present, link) => applyChanges(present, leadLink(present, link, { to: 'slide', slideId: 'splash' })),
      applyChanges(deck, leadLink(deck, wait, null)),
    );
    expect(linksFrom(after, 'gate').map(({ words, destination }) => [words, destination])).toEqual([
      [null, { to: 'slide', slideId: 'splash' }],
      ['follow the splash', { to: 'slide', slideId: 'splash' }],
    ]);
    const elsewhere = applyChanges(deck, leadLink(deck, trail, { to: 'end' }));
    expect(linksFrom(elsewhere, 'gate').map(({ words, destination }) => [words, destination.to])).toEqual([
      [null, 'slide'],
      ['follow the splash', 'end'],
      ['wait', 'slide'],
    ]);
  });

  test('links to a slide that goes are led to another one, by an answer too, and keep their gates', () => {
    const gate = { opens: 'seen', slideId: 'splash' } as const;
    const byAnswer = {
      to: 'by-answer',
      questionId: 'asked',
      right: 'hide',
      wrong: 'splash',
      choices: { fox: 'hide', otter: 'gate' },
    } as const;
    const gated = new DeckBuilder()
      .slide('gate')
      .item('asked', 'choice')
      .item('on', 'shape', { link: { to: 'slide', slideId: 'hide', gate } })
      .item('sort', 'shape', { link: byAnswer })
      .slide('hide')
      .slide('splash').deck;
    const after = applyChanges(gated, leadAway(gated, linksTo(gated, 'hide'), ['hide'], 'splash'));
    expect(linksFrom(after, 'gate').map(({ destination }) => destination)).toEqual([
      { to: 'slide', slideId: 'splash', gate },
      { ...byAnswer, right: 'splash', choices: { fox: 'splash', otter: 'gate' } },
    ]);
    const [, sorted] = linksFrom(gated, 'gate');
    const led = sorted
      ? applyChanges(gated, leadTo(gated, sorted, { to: 'slide', slideId: 'splash' }, { choice: 'fox' }))
      : gated;
    expect(linksFrom(led, 'gate')[1]?.destination).toEqual({
      ...byAnswer,
      choices: { ...byAnswer.choices, fox: 'splash' },
    });
    expect(branchesOf(led, 'gate', byAnswer).map(({ slideId }) => slideId)).toEqual(['hide', 'gate', 'hide', 'splash']);
    expect(isDangling(led, { ...byAnswer, wrong: 'gone' })).toBe(true);
  });

  test('a link to a viewpoint of another slide is a way there; to one of its own slide it is none', () => {
    const link = { to: 'viewpoint', itemId: 'creek' } as const;
    const viewed = new DeckBuilder()
      .slide('gate')
      .item('far', 'shape', { link })
      .slide('marsh')
      .item('near', 'shape', { link })
      .item('creek', 'viewpoint').deck;
    expect(linksTo(viewed, 'marsh').map(({ itemId }) => itemId)).toEqual(['far']);
    expect(isDangling(viewed, link)).toBe(false);
    expect(isDangling(viewed, { to: 'viewpoint', itemId: 'far' })).toBe(true);
    expect([...routeGraph(viewed).targets]).toEqual([1, 1]);
  });

  test('a link on a group is one link, whichever of its members is pressed', () => {
    const link = { to: 'slide', slideId: 'hide' } as const;
    const grouped = new DeckBuilder()
      .slide('gate')
      .item('board', 'shape', { link })
      .item('words', 'text', { link })
      .slide('hide');
    grouped.apply([
      { type: 'set-item', id: 'board', fields: { groups: ['sign'] } },
      { type: 'set-item', id: 'words', fields: { groups: ['sign'] } },
    ]);
    expect(linksFrom(grouped.deck, 'gate').map(({ itemId }) => itemId)).toEqual(['board']);
  });

  test('a way on takes an empty choice of the layout first, then room that nothing takes', () => {
    const story = new DeckBuilder().slide('fork').item('left', 'shape', { role: 'choice-1' }).slide('splash');
    const destination = { to: 'slide' as const, slideId: 'splash' };
    for (const id of ['a', 'b', 'c']) story.apply(addWay(story.deck, 'fork', { id, words: `way ${id}`, destination }));
    expect(linksFrom(story.deck, 'fork').map(({ itemId, carrier }) => [itemId, carrier])).toEqual([
      ['left', 'way a'],
      ['b', 'way b'],
      ['c', 'way c'],
    ]);
    const [one, other] = [story.deck.items['b']?.frame, story.deck.items['c']?.frame];
    expect(one && other && boxesMeet(one, other)).toBe(false);
    expect(addWay(story.deck, 'gone', { id: 'd', words: '', destination })).toEqual([]);
  });

  test('steps along the order lead where the order leads, and are known where they lead', () => {
    const { deck: ordered } = new DeckBuilder()
      .slide('one')
      .slide('two', { leftOut: true })
      .slide('three')
      .item('before', 'shape', { link: { to: 'previous' } })
      .item('home', 'shape', { link: { to: 'first' } })
      .slide('four')
      .item('last', 'shape', { link: { to: 'last' } });
    const led = (from: string, to: 'next' | 'previous' | 'first' | 'last' | 'back') =>
      slideLedTo(ordered, from, { to });
    expect([led('one', 'next'), led('three', 'previous'), led('two', 'last'), led('two', 'first')]).toEqual([
      'three',
      'one',
      'four',
      'one',
    ]);
    expect([led('one', 'previous'), led('four', 'next'), led('one', 'back')]).toEqual([null, null, null]);
    expect(linksTo(ordered, 'one').map(({ itemId }) => itemId)).toEqual(['before', 'home']);
  });

  test('a link to a slide that is gone is open', () => {
    expect(
      linksOf(deck)
        .filter((link) => isDangling(deck, link.destination))
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
