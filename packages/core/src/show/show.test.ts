import fc from 'fast-check';
import { DeckBuilder } from '../testing/index.js';
import { resumeShow, shownSlide, type ShowState, type ShowStep, startShow, takeStep } from './index.js';

const { deck } = new DeckBuilder()
  .slide('gate')
  .slide('fork', { exits: 'links-only' })
  .slide('splash')
  .slide('secret', { leftOut: true })
  .slide('end');

const begin = (at?: string): ShowState => {
  const state = startShow(deck, at);
  if (!state) throw new Error('the deck has slides');
  return state;
};
const walk = (...steps: ShowStep[]): ShowState =>
  steps.reduce((state, step) => {
    const result = takeStep(deck, state, step);
    return result.type === 'moved' ? result.state : state;
  }, begin());

describe('a show', () => {
  test('starts at the first slide or at the one asked for', () => {
    expect(shownSlide(begin())).toBe('gate');
    expect(shownSlide(begin('end'))).toBe('end');
    expect(shownSlide(begin('gone'))).toBe('gate');
    expect(startShow(new DeckBuilder().deck)).toBeNull();
  });

  test('next does nothing on a slide that is left by links only, and says why', () => {
    expect(takeStep(deck, begin('fork'), { type: 'next' })).toEqual({ type: 'refused', why: 'links-only' });
  });

  test('next passes over slides left out, and stops at the end', () => {
    expect(shownSlide(walk({ type: 'go', slideId: 'splash' }, { type: 'next' }))).toBe('end');
    expect(takeStep(deck, begin('end'), { type: 'next' })).toEqual({ type: 'refused', why: 'at-end' });
  });

  test('a slide left out is still reached by a link', () => {
    expect(shownSlide(walk({ type: 'follow', destination: { to: 'slide', slideId: 'secret' } }))).toBe('secret');
  });

  test('back returns along the way that was walked, not along the order', () => {
    const state = walk(
      { type: 'go', slideId: 'end' },
      { type: 'follow', destination: { to: 'slide', slideId: 'fork' } },
    );
    const back = takeStep(deck, state, { type: 'back' });
    expect(back.type === 'moved' && shownSlide(back.state)).toBe('end');
  });

  test('any walk is undone by as many steps back', () => {
    const slide = fc.constantFrom('gate', 'fork', 'splash', 'secret', 'end');
    fc.assert(
      fc.property(fc.array(slide, { maxLength: 30 }), (visited) => {
        let state = begin();
        const before: string[] = [];
        for (const slideId of visited) {
          before.push(shownSlide(state));
          const result = takeStep(deck, state, { type: 'go', slideId });
          if (result.type === 'moved') state = result.state;
        }
        for (const expected of before.reverse()) {
          const result = takeStep(deck, state, { type: 'back' });
          if (result.type === 'moved') state = result.state;
          expect(shownSlide(state)).toBe(expected);
        }
        expect(takeStep(deck, state, { type: 'back' })).toEqual({ type: 'refused', why: 'at-start' });
      }),
    );
  });

  test('links along the order work on a slide that is left by links only; the end ends the walk', () => {
    const follow = (to: 'next' | 'previous' | 'last' | 'end') =>
      takeStep(deck, begin('fork'), { type: 'follow', destination: { to } });
    const led = (result: ReturnType<typeof follow>) =>
      result.type === 'moved' ? shownSlide(result.state) : result.type;
    expect([led(follow('next')), led(follow('previous')), led(follow('last')), led(follow('end'))]).toEqual([
      'splash',
      'gate',
      'end',
      'ended',
    ]);
    expect(takeStep(deck, begin('gate'), { type: 'follow', destination: { to: 'previous' } })).toEqual({
      type: 'refused',
      why: 'at-first',
    });
  });

  test('restart forgets the way', () => {
    expect(walk({ type: 'next' }, { type: 'go', slideId: 'end' }, { type: 'restart' })).toEqual({ way: ['gate'] });
  });

  test('a web address opens beside the show; a slide that is gone is refused in words', () => {
    expect(
      takeStep(deck, begin(), { type: 'follow', destination: { to: 'web', address: 'https://marram.example' } }),
    ).toEqual({ type: 'open-web', address: 'https://marram.example' });
    expect(takeStep(deck, begin(), { type: 'go', slideId: 'gone' })).toEqual({
      type: 'refused',
      why: 'destination-gone',
    });
  });

  test('a show taken up again stands where it stood, past slides that are gone', () => {
    expect(resumeShow(deck, ['gate', 'gone', 'splash'])).toEqual({ way: ['gate', 'splash'] });
    expect(resumeShow(deck, [])).toEqual({ way: ['gate'] });
  });
});
