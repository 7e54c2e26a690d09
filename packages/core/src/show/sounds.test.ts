import fc from 'fast-check';
import { type SoundItem } from '../deck/index.js';
import { DeckBuilder } from '../testing/index.js';
import { appearancesOn, heardBeside, isAlong, loudnessAt, secondsLeft, startShow, stayOf, stopsOf } from './index.js';

const file = 'a'.repeat(64);
const { deck } = new DeckBuilder()
  .slide('gate')
  .slide('creek', { voice: { file: 'b'.repeat(64), seconds: 12, bytes: 1 } })
  .item('wind', 'sound', { fields: { file, along: 'hide', fades: 2, seconds: 60 } })
  .item('splash', 'sound', { fields: { file, plays: 2, seconds: 30 } })
  .slide('hide')
  .slide('end')
  .item('lost', 'sound', { fields: { file, along: 'gone' } })
  .slide('after');
const wind = deck.items['wind'] as SoundItem;
const heardAt = (slideId: string) => heardBeside(deck, slideId).along.map(({ id }) => id);

describe('sounds beside slides', () => {
  test('go along from their slide to their last one; to their own alone when that is gone', () => {
    expect(['gate', 'creek', 'hide', 'end', 'after'].map(heardAt)).toEqual([[], ['wind'], ['wind'], ['lost'], []]);
    expect(['wind', 'splash'].map((id) => isAlong(deck.items[id] as SoundItem))).toEqual([true, false]);
  });

  test('one that is hidden, or has no file yet, is not heard', () => {
    const hidden = { ...deck, items: { ...deck.items, wind: { ...wind, hidden: true } } };
    const empty = { ...deck, items: { ...deck.items, wind: { ...wind, file: '' } } };
    expect([hidden, empty].map((each) => heardBeside(each, 'hide').along)).toEqual([[], []]);
  });

  test('come and go in a straight line, and are quieter while somebody speaks', () => {
    const at = (since: number, left: number, leaving: number | null = null, isSpoken = false) =>
      loudnessAt({ ...wind, volume: 0.5 }, { since, left, leaving, isSpoken });
    expect([at(0, 60), at(1, 60), at(2, 60), at(30, 1), at(30, 30, 1)]).toEqual([0, 0.25, 0.5, 0.25, 0.25]);
    expect(at(30, 30, null, true)).toBeCloseTo(0.1);
    expect(loudnessAt({ ...wind, yields: false }, { since: 30, left: 30, leaving: null, isSpoken: true })).toBe(1);
    expect(loudnessAt({ ...wind, fades: 0 }, { since: 0, left: 9, leaving: 0, isSpoken: false })).toBe(0);
  });

  test('are never louder than they are, nor less than nothing', () => {
    const seconds = fc.double({ min: 0, max: 100, noNaN: true });
    fc.assert(
      fc.property(
        fc.double({ min: 0, max: 1, noNaN: true }),
        fc.integer({ min: 0, max: 10 }),
        seconds,
        seconds,
        fc.option(seconds),
        fc.boolean(),
        (volume, fades, since, left, leaving, isSpoken) => {
          const loud = loudnessAt({ ...wind, volume, fades }, { since, left, leaving, isSpoken });
          expect(loud).toBeGreaterThanOrEqual(0);
          expect(loud).toBeLessThanOrEqual(volume);
        },
      ),
    );
  });

  test('one that begins again has no end; any other ends with its part', () => {
    expect(secondsLeft(wind, 45)).toBe(15);
    expect(secondsLeft({ ...wind, starts: 5, ends: 20 }, 12)).toBe(8);
    expect(secondsLeft({ ...wind, overAndOver: true }, 59)).toBe(Infinity);
  });
});

describe('a show with sounds', () => {
  test('has a step for what plays by itself with a click', () => {
    expect(appearancesOn(deck, 'creek')).toEqual([2]);
    expect(stopsOf(deck, 'creek').map(({ appeared }) => appeared)).toEqual([0, 2]);
  });

  test('goes on by itself when what is told and heard is over, and not before', () => {
    const state = startShow(deck, 'creek');
    const creek = deck.slides['creek'];
    if (!state || !creek) throw new Error('there is nothing to show');
    const stops = stopsOf(deck, 'creek').length;
    // The splash takes longer than the voice.
    expect(stayOf(deck, state) * stops).toBe(30_000);
    const toldOnly = { ...deck, items: {} };
    expect(stayOf(toldOnly, state)).toBe(12_000);
    const shorter = { ...toldOnly, slides: { creek: { ...creek, stays: 3 } } };
    expect(stayOf(shorter, state)).toBe(12_000);
    const longer = { ...toldOnly, slides: { creek: { ...creek, stays: 40 } } };
    expect(stayOf(longer, state)).toBe(40_000);
  });
});
