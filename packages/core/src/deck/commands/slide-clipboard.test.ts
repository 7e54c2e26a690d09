/** Slides on their way within a deck and between decks. */
import fc from 'fast-check';
import { DeckBuilder } from '../../testing/index.js';
import {
  applyChanges,
  copyToClip,
  duplicateSlide,
  itemsOf,
  pasteItems,
  pasteSlides,
  readClip,
  readSlideClip,
  slidesInOrder,
  slidesToClip,
} from '../index.js';

const walk = () =>
  new DeckBuilder('Night walk')
    .slide('gate')
    .item('on', 'shape', { link: { to: 'slide', slideId: 'fork' } })
    .slide('fork')
    .item('home', 'shape', { link: { to: 'slide', slideId: 'gate' } })
    .item('far', 'shape', { link: { to: 'slide', slideId: 'hide' } })
    .item('pool', 'zone', { fields: { belongs: ['eel'] } })
    .item('eel', 'shape', { loose: true })
    .slide('hide').deck;
const counter = () => {
  let count = 0;
  return () => `new${(count += 1)}`;
};
const clipOf = (ids: string[]) => {
  const clip = readSlideClip(slidesToClip(walk(), ids));
  if (!clip) throw new Error('nothing was clipped');
  return clip;
};

test('slides come into another deck after the one that is worked on, in their order', () => {
  const into = new DeckBuilder().slide('x').slide('y').deck;
  const { changes, pasted } = pasteSlides(into, clipOf(['fork', 'gate']), 'x', counter());
  const after = applyChanges(into, changes);
  expect(slidesInOrder(after).map((slide) => slide.id)).toEqual(['x', ...pasted, 'y']);
  expect(slidesInOrder(after).map((slide) => slide.name)).toEqual(['x', 'gate', 'fork', 'y']);
});

test('links among the copied slides lead to the copies; others are kept, and counted where they are open', () => {
  const into = new DeckBuilder().slide('x').deck;
  const elsewhere = pasteSlides(into, clipOf(['gate', 'fork']), 'x', counter());
  const after = applyChanges(into, elsewhere.changes);
  const [gate = '', fork = ''] = elsewhere.pasted;
  expect(itemsOf(after, gate)[0]?.link).toEqual({ to: 'slide', slideId: fork });
  expect(itemsOf(after, fork)[0]?.link).toEqual({ to: 'slide', slideId: gate });
  expect(elsewhere.openLinks).toBe(1);
  expect(pasteSlides(walk(), clipOf(['gate', 'fork']), 'hide', counter()).openLinks).toBe(0);
});

test('viewpoints, answers and gates among the copied slides are those of the copies', () => {
  const { deck } = new DeckBuilder()
    .slide('trail')
    .item('asked', 'choice')
    .item('track', 'viewpoint')
    .item('look', 'shape', { link: { to: 'viewpoint', itemId: 'track' } })
    .item('sort', 'shape', {
      link: {
        to: 'by-answer',
        questionId: 'asked',
        right: 'otter',
        wrong: 'far',
        choices: { fox: 'trail' },
        gate: { opens: 'answered', itemId: 'asked' },
      },
    })
    .item('on', 'shape', { link: { to: 'slide', slideId: 'otter', gate: { opens: 'seen', slideId: 'trail' } } })
    .slide('otter')
    .slide('far');
  const clip = readSlideClip(slidesToClip(deck, ['trail', 'otter']));
  if (!clip) throw new Error('nothing was clipped');
  const { changes, pasted } = pasteSlides(deck, clip, 'far', counter());
  const items = itemsOf(applyChanges(deck, changes), pasted[0] ?? '');
  const [asked, track, look, sort, on] = items;
  const [trail, otter] = pasted;
  expect(look?.link).toEqual({ to: 'viewpoint', itemId: track?.id });
  expect(sort?.link).toEqual({
    to: 'by-answer',
    questionId: asked?.id,
    right: otter,
    wrong: 'far',
    choices: { fox: trail },
    gate: { opens: 'answered', itemId: asked?.id },
  });
  expect(on?.link).toEqual({ to: 'slide', slideId: otter, gate: { opens: 'seen', slideId: trail } });
  const doubled = applyChanges(deck, duplicateSlide(deck, 'trail', { id: 'copy', name: 'Copy', createId: counter() }));
  const copies = itemsOf(doubled, 'copy');
  expect(copies[2]?.link).toEqual({ to: 'viewpoint', itemId: copies[1]?.id });
  expect(copies[3]?.link).toMatchObject({ questionId: copies[0]?.id, right: 'otter', choices: { fox: 'copy' } });
});

test('a zone of the copy expects the copied piece', () => {
  const { changes, pasted } = pasteSlides(walk(), clipOf(['fork']), 'fork', counter());
  const items = itemsOf(applyChanges(walk(), changes), pasted[0] ?? '');
  const [zone, piece] = [items.find((item) => item.kind === 'zone'), items.find((item) => item.loose)];
  expect(zone?.kind === 'zone' && zone.belongs).toEqual([piece?.id]);
  expect(piece?.id).not.toBe('eel');
});

test('anything at all on the clipboard is survived', () => {
  fc.assert(
    fc.property(fc.oneof(fc.string(), fc.json()), (text) => {
      const clip = readSlideClip(text);
      expect(clip === null || Object.keys(clip.slides).length > 0).toBe(true);
    }),
  );
});

test('words stay in the language of the deck they come from, and are left to their new deck where it is the same', () => {
  const told = { ...walk(), language: 'es' };
  const languages = (language: string | null) => {
    const into = { ...new DeckBuilder().slide('x').deck, language };
    const slides = readSlideClip(slidesToClip(told, ['fork']));
    const items = readClip(copyToClip(told, ['home', 'far']).json);
    const pasted = slides ? applyChanges(into, pasteSlides(into, slides, 'x', counter()).changes) : into;
    const after = applyChanges(pasted, pasteItems(pasted, 'x', items).changes);
    return new Set(Object.values(after.items).map((item) => item.language));
  };
  expect(languages('en-GB')).toEqual(new Set(['es']));
  expect(languages('es')).toEqual(new Set([null]));
});
