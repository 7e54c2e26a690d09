import fc from 'fast-check';
import { itemsOf, lettersOf } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import {
  byName,
  firstPage,
  isBeforeOpening,
  isFixed,
  isKeyShown,
  isLate,
  isOver,
  isShown,
  keepPutIn,
  mayTakeBack,
  namesApart,
  ON_ITS_WAY,
  putSlideIn,
  readTerms,
  usualTerms,
  withOwner,
} from './index.js';

describe('terms', () => {
  const due = { ...usualTerms, opensAt: 100, dueAt: 200 };

  test('before its time a lesson is not open, after it work is late', () => {
    expect([isBeforeOpening(due, 99), isBeforeOpening(due, 100)]).toEqual([true, false]);
    expect([isLate(due, 200), isLate(due, 201), isLate(usualTerms, 201)]).toEqual([false, true, false]);
  });

  test('late work ends only where it is not taken', () => {
    expect(isOver(due, 201)).toBe(false);
    // What was done in time may still be on its way.
    expect(isOver({ ...due, late: false }, 201)).toBe(false);
    expect(isOver({ ...due, late: false }, 201 + ON_ITS_WAY)).toBe(true);
  });

  test('the key waits until nothing can be taken back, or the review is released', () => {
    const standing = { submitted: true, released: false, isFinal: false };
    expect(isKeyShown(usualTerms, standing)).toBe(false);
    expect(isKeyShown(usualTerms, { ...standing, isFinal: true })).toBe(true);
    expect(isKeyShown(usualTerms, { ...standing, released: true })).toBe(true);
    expect(isKeyShown({ key: 'never' }, { submitted: true, released: true, isFinal: true })).toBe(false);
    expect(isKeyShown({ key: 'released' }, { ...standing, isFinal: true })).toBe(false);
  });

  test('work is taken back until it is due, and as often as there are attempts', () => {
    expect(mayTakeBack(due, 5, 150)).toBe(true);
    expect(mayTakeBack(due, 1, 201)).toBe(false);
    expect([1, 2].map((tries) => mayTakeBack({ ...due, attempts: 2 }, tries, 150))).toEqual([true, false]);
  });

  test('what is released was released also to those who submitted', () => {
    const stands = [
      { submitted: false, released: false },
      { submitted: true, released: false },
      { submitted: true, released: true },
    ];
    expect(stands.map((state) => isShown('never', state))).toEqual([false, false, false]);
    expect(stands.map((state) => isShown('submitted', state))).toEqual([false, true, true]);
    expect(stands.map((state) => isShown('released', state))).toEqual([false, false, true]);
  });

  test('terms nobody vouches for are read without harm', () => {
    fc.assert(fc.property(fc.jsonValue(), (value) => expect(readTerms(readTerms(value))).toEqual(readTerms(value))));
  });
});

describe('names', () => {
  test('two of the same name are told apart, the same way every time', () => {
    const people = [
      { id: 'b', name: 'Ana Lima' },
      { id: 'a', name: 'ana lima ' },
      { id: 'c', name: 'Odhrán' },
    ];
    expect([...namesApart(people).values()]).toEqual(['Ana Lima (2)', 'ana lima  (1)', 'Odhrán']);
    expect(namesApart([...people].reverse()).get('b')).toBe('Ana Lima (2)');
  });

  test('a register has accents beside their letters', () => {
    const names = ['Zoë', 'Étienne', 'Edda', 'Farid'].map((name) => ({ name }));
    expect(byName(names).map(({ name }) => name)).toEqual(['Edda', 'Étienne', 'Farid', 'Zoë']);
  });
});

describe('a class deck', () => {
  const deck = new DeckBuilder()
    .slide('how')
    .item('note', 'blank')
    .slide('mine', { layout: 'class-page' })
    .item('title', 'text', { role: 'title' })
    .item('area', 'open-area').deck;

  test('a student’s own page carries their name and comes first; the others stay as they are', () => {
    const own = withOwner(deck, 'slide-each', 'Noor Ashby');
    expect(own.slides['mine']?.name).toBe('Noor Ashby');
    const title = itemsOf(own, 'mine').find(({ id }) => id === 'title');
    expect(title?.kind === 'text' && lettersOf(title.text)).toBe('Noor Ashby');
    expect(own.slides['how']).toBe(deck.slides['how']);
    expect([firstPage(deck, 'slide-each'), firstPage(deck, 'copy-each')]).toEqual(['mine', null]);
    expect(withOwner(deck, 'copy-each', 'Noor Ashby')).toBe(deck);
    expect(withOwner(deck, 'slide-each', 'Noor Ashby')).toBe(own);
  });

  test('instruction and samples are fixed', () => {
    expect([isFixed(deck, 'slide-each', 'note'), isFixed(deck, 'slide-each', 'area')]).toEqual([true, false]);
    expect(isFixed(deck, 'copy-each', 'note')).toBe(false);
  });
});

describe('a slide put in', () => {
  const edition = new DeckBuilder().slide('a').slide('b').deck;
  const question = new DeckBuilder('Q').slide('q').item('choice', 'choice').deck;

  test('comes after the slide that is shown, with what is on it, and survives a correction', () => {
    const put = putSlideIn(edition, question, 'a');
    const order = Object.values(put?.edition.slides ?? {}).sort((x, y) => (x.rank < y.rank ? -1 : 1));
    expect(order.map(({ name }) => name)).toEqual(['a', 'q', 'b']);
    const corrected = keepPutIn(new DeckBuilder().slide('a').deck, put?.edition ?? edition, [put?.slideId ?? '']);
    expect(Object.keys(corrected.slides)).toEqual(['a', put?.slideId]);
    expect(itemsOf(corrected, put?.slideId ?? '').map(({ kind }) => kind)).toEqual(['choice']);
  });

  test('is answered by everybody, also in a class deck', () => {
    const put = putSlideIn(edition, question, 'a');
    const [item] = itemsOf(put?.edition ?? edition, put?.slideId ?? '');
    expect(item && isFixed(put?.edition ?? edition, 'slide-each', item.id)).toBe(false);
  });

  test('from a deck without slides nothing is put in', () => {
    expect(putSlideIn(edition, new DeckBuilder().deck, 'a')).toBeNull();
  });
});
