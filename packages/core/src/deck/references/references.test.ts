/** Copies refer to copies, and nothing refers to what is gone but links, which say so. */
import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  applyChanges,
  type Change,
  type Deck,
  type Destination,
  duplicateItems,
  duplicateSlides,
  type Gate,
  isDangling,
  type Item,
  itemsOf,
  leadLines,
  onlySlide,
  pasteItems,
  pasteSlides,
  readClip,
  copyToClip,
  type Reference,
  refsOf,
  refsOfDestination,
  removeItems,
  removeSlide,
  type RichText,
  viewpointsInOrder,
} from '../index.js';

const linked = (words: string, destination: Destination): RichText => ({
  type: 'doc',
  content: [
    { type: 'paragraph', content: [{ type: 'text', text: words, marks: [{ type: 'link', attrs: { destination } }] }] },
  ],
});

/** Two slides with one of everything that refers to something, the first to its own items, some to the second slide. */
const { deck } = new DeckBuilder()
  .slide('marsh')
  .item('ground', 'picture')
  .item('eel', 'shape', { loose: true })
  .item('crab', 'shape', { loose: true })
  .item('shell', 'shape', { loose: true })
  .item('water', 'zone', { fields: { belongs: ['eel', 'shells'], takes: ['eel', 'crab', 'shells'] } })
  .item('asked', 'choice', { fields: { choices: [{ id: 'a', text: 'otter' }], right: ['a'] } })
  .item('nest', 'viewpoint', { fields: { order: 'a1' } })
  .item('reeds', 'viewpoint', { fields: { order: 'a0' } })
  .item('tie', 'line', {
    fields: {
      from: { u: 0, v: 0.5, at: 'ground', side: 'right', head: 'none' },
      to: { u: 1, v: 0.5, at: 'asked', side: null, head: 'arrow' },
    },
  })
  .item('look', 'hotspot', { link: { to: 'viewpoint', itemId: 'nest' } })
  .item('by', 'shape', {
    link: { to: 'by-answer', questionId: 'asked', right: 'shore', wrong: 'marsh', choices: { a: 'shore' } },
    fields: { text: linked('the nest', { to: 'viewpoint', itemId: 'nest', gate: { opens: 'found', itemId: 'eel' } }) },
  })
  .item('door', 'text', {
    fields: {
      text: linked('the shore', { to: 'slide', slideId: 'shore', gate: { opens: 'filled', itemId: 'water' } }),
    },
  })
  .item('home', 'text', { link: { to: 'slide', slideId: 'marsh', gate: { opens: 'seen', slideId: 'shore' } } })
  .slide('shore')
  .item('far', 'viewpoint', { fields: { order: 'a0' } })
  .item('back', 'hotspot', { link: { to: 'viewpoint', itemId: 'nest' } })
  .item('over', 'hotspot', { link: { to: 'slide', slideId: 'marsh', gate: { opens: 'right', itemId: 'asked' } } })
  .apply([
    { type: 'set-item', id: 'shell', fields: { groups: ['shells'] } },
    { type: 'set-item', id: 'crab', fields: { piece: { pile: 0, turns: false, within: 'ground' } } },
  ]);

const ids = Object.keys(deck.items);
const marsh = itemsOf(deck, 'marsh').map(({ id }) => id);
const someOf = (all: readonly string[]) => fc.subarray([...all], { minLength: 1 });

const namesOf = (items: readonly Item[]) => new Set(items.flatMap(({ id, groups }) => [id, ...groups]));

/** What the items put by changes refer to. */
function refsPut(changes: readonly Change[]): readonly Reference[] {
  return changes.flatMap((change) => (change.type === 'put-item' ? refsOf(change.item) : []));
}

function linkRefs(items: readonly Item[]): number {
  return items.reduce((count, item) => count + refsOf(item).length, 0);
}

test('everything that refers to something is found', () => {
  const by = new Set(ids.flatMap((id) => refsOf(deck.items[id] as Item).map((ref) => `${ref.to} by ${ref.by}`)));
  expect([...by].sort()).toEqual([
    'group by member',
    'item by answer',
    'item by gate',
    'item by line-end',
    'item by link',
    'item by within',
    'piece by belongs',
    'piece by takes',
    'slide by answer',
    'slide by gate',
    'slide by link',
  ]);
});

test('copies on their slide refer to copies of whatever was copied along, and to the originals of nothing', () => {
  fc.assert(
    fc.property(someOf(marsh), (chosen) => {
      let next = 0;
      const { changes, copies } = duplicateItems(deck, chosen, () => `copy${(next += 1)}`);
      const originals = namesOf(chosen.map((id) => deck.items[id] as Item));
      expect(refsPut(changes).filter(({ id }) => originals.has(id))).toEqual([]);
      const [was, is] = [chosen, copies].map((list) => list.map((id) => applyChanges(deck, changes).items[id] as Item));
      expect(linkRefs(is ?? [])).toBe(linkRefs(was ?? []));
    }),
  );
});

test('what is pasted elsewhere refers to its copies, and lets go of what did not come along', () => {
  fc.assert(
    fc.property(someOf(marsh), (chosen) => {
      let next = 0;
      const clip = readClip(copyToClip(deck, chosen).json);
      const { changes } = pasteItems(deck, 'shore', clip, { createId: () => `copy${(next += 1)}` });
      const there = applyChanges(deck, changes);
      const onShore = namesOf(itemsOf(there, 'shore'));
      const kept = refsPut(changes).filter(
        ({ to, by }) => to !== 'slide' && by !== 'link' && by !== 'gate' && by !== 'answer',
      );
      expect(kept.filter(({ id }) => !onShore.has(id))).toEqual([]);
      const originals = namesOf(clip);
      expect(refsPut(changes).filter(({ id }) => originals.has(id))).toEqual([]);
    }),
  );
});

test('slides copied together lead to one another, and so do slides pasted into another deck', () => {
  let next = 0;
  const createId = () => `copy${(next += 1)}`;
  const { changes } = duplicateSlides(deck, ['marsh', 'shore'], { nameOf: ({ name }) => name, createId });
  const originals = new Set([...ids, 'marsh', 'shore', 'shells']);
  expect(refsPut(changes).filter(({ id }) => originals.has(id))).toEqual([]);
  const other = new DeckBuilder().slide('else').deck;
  const pasted = pasteSlides(other, deck, 'else', createId);
  expect(pasted.openLinks).toBe(0);
  expect(refsPut(pasted.changes).filter(({ id }) => originals.has(id))).toEqual([]);
  const alone = pasteSlides(other, onlySlide(deck, 'marsh'), 'else', createId);
  expect(alone.openLinks).toBeGreaterThan(0);
});

test('viewpoints copied onto their slide come after those that are there, in their own order', () => {
  let next = 0;
  const { changes } = duplicateItems(deck, ['nest', 'reeds'], () => `copy${(next += 1)}`);
  const order = viewpointsInOrder(applyChanges(deck, changes), 'marsh').map(({ id }) => id);
  expect(order.slice(0, 2)).toEqual(['reeds', 'nest']);
  expect(order).toHaveLength(4);
  const [third, fourth] = order
    .slice(2)
    .map((id) => changes.findIndex((each) => each.type === 'put-item' && each.item.id === id));
  // They were placed as nest and reeds; their order is that of the originals.
  expect([third, fourth]).toEqual([1, 0]);
});

/** What is wrong with the references of a deck: those to what is gone, but for links and gates. */
function lost(after: Deck): readonly Reference[] {
  const there = namesOf(Object.values(after.items));
  return Object.values(after.items)
    .flatMap(refsOf)
    .filter(({ to, by, id }) => to !== 'slide' && by !== 'link' && by !== 'gate' && by !== 'answer' && !there.has(id));
}

/** Links that name something gone are dangling, or wait for a gate that never opens. */
function silentlyBroken(after: Deck): readonly Destination[] {
  const links = Object.values(after.items).flatMap(({ link }) => link ?? []);
  const isGone = ({ to, id }: Reference) => (to === 'slide' ? !after.slides[id] : !after.items[id]);
  return links.filter(
    (link) => refsOfDestination(link).some((ref) => ref.by !== 'gate' && isGone(ref)) && !isDangling(after, link),
  );
}

test('after any removal nothing refers to what is gone but links, and those are dangling', () => {
  const removal = fc.oneof(
    someOf(ids).map((chosen) => removeItems(deck, chosen)),
    fc.constantFrom('marsh', 'shore').map((id) => removeSlide(deck, id)),
  );
  fc.assert(
    fc.property(removal, (changes) => {
      const after = applyChanges(deck, [...changes, ...leadLines(deck, changes)]);
      expect(lost(after)).toEqual([]);
      expect(silentlyBroken(after)).toEqual([]);
    }),
  );
});

test('a zone that took only some pieces takes others again once those are gone', () => {
  const gone = applyChanges(deck, removeItems(deck, ['eel', 'crab', 'shell']));
  expect(gone.items['water']).toMatchObject({ belongs: [], takes: [] });
  // The group is gone with its only member.
  const fewer = applyChanges(deck, removeItems(deck, ['shell']));
  expect(fewer.items['water']).toMatchObject({ belongs: ['eel'], takes: ['eel', 'crab'] });
});

test('a gate that waits for what is gone does not make its link dangling', () => {
  const gate: Gate = { opens: 'answered', itemId: 'gone' };
  expect(isDangling(deck, { to: 'slide', slideId: 'shore', gate })).toBe(false);
  expect(isDangling(deck, { to: 'slide', slideId: 'gone' })).toBe(true);
  expect(isDangling(deck, { to: 'viewpoint', itemId: 'asked' })).toBe(true);
  expect(isDangling(deck, { to: 'by-answer', questionId: 'asked', right: null, wrong: null, choices: {} })).toBe(true);
  expect(isDangling(deck, { to: 'next' })).toBe(false);
});
