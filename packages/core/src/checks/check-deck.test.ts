import {
  applyChanges,
  type Deck,
  PLAIN_LOOK,
  plainText,
  readDeck,
  USUAL_CHECK,
  withoutKeysAndNotes,
} from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { checkDeck, findingId, isAside, levels, mendFindings, setAside } from './index.js';

const given = (deck: Deck) => ({ settings: deck.check, colours: () => null });
const credit = { title: '', author: 'Odile Farrow', source: '', licence: 'own' } as const;
const small = (text: string) => ({ text: plainText(text), look: { ...PLAIN_LOOK, size: 12 } });
const { deck } = new DeckBuilder()
  .slide('creek')
  .item('owl', 'picture', { fields: { picture: 'b'.repeat(64), credit } })
  .item('note', 'text', { frame: { x: 50, y: 400, width: 500, height: 60, rotation: 0 }, fields: small('Look') })
  .slide('hide')
  .item('sign', 'shape', { link: { to: 'slide', slideId: 'gone' } })
  .item('more', 'text', { frame: { x: 50, y: 400, width: 500, height: 60, rotation: 0 }, fields: small('Listen') });

const told = (of: Deck) => checkDeck(of, given(of)).map(({ rule, slideId }) => `${rule} ${slideId}`);

test('what matters most comes first, and then what comes first in the deck', () => {
  expect(told(deck)).toEqual(['broken-link hide', 'small-text creek', 'small-text hide', 'no-description creek']);
  const at = checkDeck(deck, given(deck)).map(({ level }) => levels.indexOf(level));
  expect(at).toEqual(at.toSorted());
});

test('several are mended at once, by the changes of each', () => {
  const findings = checkDeck(deck, given(deck));
  const mended = applyChanges(deck, mendFindings(deck, findings, given(deck)));
  expect(told(mended)).toEqual(['broken-link hide', 'no-description creek']);
});

test('something is set aside here, or in the whole deck, with its reason; and kept with the deck', () => {
  const [, first] = checkDeck(deck, given(deck));
  if (!first) throw new Error('nothing was found');
  const here: Deck = { ...deck, check: setAside(deck.check, first, { everywhere: false, reason: 'Handout only' }) };
  expect(told(here)).toEqual(['broken-link hide', 'small-text hide', 'no-description creek']);
  const all: Deck = { ...deck, check: setAside(deck.check, first, { everywhere: true, reason: '' }) };
  expect(told(all)).toEqual(['broken-link hide', 'no-description creek']);
  expect(readDeck(JSON.parse(JSON.stringify(here))).deck.check.aside).toEqual([
    { rule: 'small-text', slideId: 'creek', itemId: 'note', reason: 'Handout only' },
  ]);
  expect(isAside(here.check, first)).toBe(true);
  // What teachers say among themselves is no student's.
  expect(withoutKeysAndNotes(here).check).toEqual(USUAL_CHECK);
});

test('slides that did not change are not looked at again, and are found alike', () => {
  const before = checkDeck(deck, given(deck));
  const changed = applyChanges(deck, [{ type: 'set-slide', id: 'hide', fields: { name: 'The hide' } }]);
  const after = checkDeck(changed, given(changed));
  expect(after.map(findingId)).toEqual(before.map(findingId));
  const onCreek = (findings: typeof before) =>
    findings.filter(({ rule, slideId }) => slideId === 'creek' && rule === 'small-text');
  const same = { settings: deck.check, colours: () => null };
  expect(onCreek(checkDeck(deck, same))[0]).toBe(onCreek(checkDeck({ ...deck, title: 'Other' }, same))[0]);
});

test('settings from anybody are within what rooms and classes are', () => {
  const read = readDeck({
    check: { screenWidth: -4, distance: 'far', minutes: 1e9, schoolYears: null, aside: [7, { rule: 'x' }] },
  });
  expect(read.deck.check).toEqual({
    screenWidth: 0.3,
    distance: 6,
    minutes: 600,
    schoolYears: null,
    aside: [{ rule: 'x', slideId: null, itemId: null, reason: '' }],
  });
});
