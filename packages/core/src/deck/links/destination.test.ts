/** Destinations and gates, read from what nobody vouches for. */
import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  applyChanges,
  contentsIn,
  contentsOfItems,
  copyToClip,
  readClip,
  withoutPictures,
  type Destination,
  filesIn,
  type Gate,
  plainText,
  readDestination,
  readGate,
  sameDestination,
  steps,
  withGate,
  withoutKeysAndNotes,
} from '../index.js';

const sha = 'a'.repeat(64);
const gates: readonly Gate[] = [
  { opens: 'answered', itemId: 'q1' },
  { opens: 'right', itemId: 'q1' },
  { opens: 'filled', itemId: 'z1' },
  { opens: 'found', itemId: 'p1' },
  { opens: 'seen', slideId: 's1' },
  { opens: 'seen-count', count: 4 },
];
const places: readonly Destination[] = [
  { to: 'slide', slideId: 's1' },
  { to: 'viewpoint', itemId: 'v1' },
  ...steps.map((to) => ({ to })),
  { to: 'by-answer', questionId: 'q1', right: 's1', wrong: null, choices: { a: 's2', b: 's3' } },
  { to: 'deck', deckId: 'd1', title: 'Far away', slideId: 's1', itemId: null },
  { to: 'file', file: sha, name: 'splash.wav', plays: true },
  { to: 'web', address: 'https://tides.example/today' },
];
const destinations = fc
  .tuple(fc.constantFrom(...places), fc.option(fc.constantFrom(...gates)))
  .map(([place, gate]) => withGate(place, gate));

describe('a destination', () => {
  test('survives being written and read, with its gate', () => {
    fc.assert(
      fc.property(destinations, (destination) => {
        expect(readDestination(JSON.parse(JSON.stringify(destination)))).toEqual(destination);
      }),
    );
  });

  test('is the same whoever wrote its fields in whichever order, and another one with another gate', () => {
    fc.assert(
      fc.property(destinations, destinations, (one, other) => {
        const turned = Object.fromEntries(Object.entries(one).reverse()) as Destination;
        expect(sameDestination(one, turned)).toBe(true);
        expect(sameDestination(one, other)).toBe(JSON.stringify(one) === JSON.stringify(other));
      }),
    );
  });

  test('is refused when it cannot be followed: no id, a script, a file that is none', () => {
    const refused = [
      { to: 'slide' },
      { to: 'slide', slideId: '../etc' },
      { to: 'viewpoint', itemId: 7 },
      { to: 'by-answer', right: 's1' },
      { to: 'deck', title: 'Nowhere' },
      { to: 'file', file: 'abc', name: 'x' },
      { to: 'web', address: 'javascript:alert(1)' },
      { to: 'sideways' },
      'slide',
      null,
    ];
    for (const value of refused) expect(readDestination(value)).toBeNull();
  });

  test('keeps of a hostile one only what it knows', () => {
    const read = readDestination({
      to: 'by-answer',
      questionId: 'q1',
      right: { evil: true },
      wrong: 's2',
      choices: { a: 's1', '<b>': 's2', c: 5 },
      gate: { opens: 'seen', slideId: '…' },
      more: 'x'.repeat(100),
    });
    expect(read).toEqual({ to: 'by-answer', questionId: 'q1', right: null, wrong: 's2', choices: { a: 's1' } });
  });
});

describe('a gate', () => {
  test('asks for at least one slide and at most as many as there can be', () => {
    expect(readGate({ opens: 'seen-count', count: -3 })).toEqual({ opens: 'seen-count', count: 1 });
    expect(readGate({ opens: 'seen-count', count: 1e9 })).toEqual({ opens: 'seen-count', count: 10_000 });
    expect(readGate({ opens: 'answered' })).toBeNull();
    expect(readGate({ opens: 'sesame', itemId: 'q1' })).toBeNull();
  });
});

describe('what is stored beside a deck', () => {
  const file = (name: string): Destination => ({ to: 'file', file: name.repeat(64), name, plays: false });
  const { deck } = new DeckBuilder()
    .slide('gate')
    .item('sound', 'shape', { link: file('b') })
    .item('words', 'text', {
      fields: {
        text: {
          type: 'doc',
          content: [
            {
              type: 'paragraph',
              content: [{ type: 'text', text: 'Listen', marks: [{ type: 'link', attrs: { destination: file('c') } }] }],
            },
          ],
        },
      },
    })
    .item('again', 'shape', { link: file('b'), fields: { text: plainText('again') } })
    .item('picture', 'picture', { fields: { picture: sha } });

  test('are its pictures, and the files that items and words lead to, each once', () => {
    expect(filesIn(deck)).toEqual(['b'.repeat(64), 'c'.repeat(64)]);
    expect(contentsIn(deck)).toEqual([sha, 'b'.repeat(64), 'c'.repeat(64)]);
  });

  test('of what is pasted are the pictures of questions too, so that it is asked whose they are', () => {
    const shown = (name: string) => name.repeat(64);
    const asked = new DeckBuilder()
      .slide('ask')
      .item('choice', 'choice', {
        fields: {
          choices: [
            { id: 'a', text: 'otter', picture: shown('1') },
            { id: 'b', text: 'rail' },
          ],
        },
      })
      .item('point', 'point', { fields: { picture: shown('2') } })
      .item('draw', 'draw', { fields: { picture: shown('3') } })
      .item('bare', 'draw')
      .item('sound', 'shape', { link: file('b') }).deck;
    const clipped = readClip(copyToClip(asked, Object.keys(asked.items)).json);
    expect(contentsOfItems(clipped)).toEqual([shown('1'), shown('2'), shown('3'), shown('b')]);
    // Refused ones go, and the questions stay.
    const without = applyChanges(asked, withoutPictures(asked, [shown('1'), shown('2'), shown('3')]));
    expect(Object.keys(without.items)).toEqual(Object.keys(asked.items));
    expect(contentsOfItems(Object.values(without.items))).toEqual([shown('b')]);
  });

  test('students get no walks of its authors', () => {
    const walked = { ...deck, walks: [{ id: 'w1', name: 'Mine', slides: ['gate'] }] };
    expect(withoutKeysAndNotes(walked).walks).toEqual([]);
  });
});
