import fc from 'fast-check';
import { type Destination, type Overview, plainText, steps as walkingSteps } from '../deck/index.js';
import { distancesFrom, linksFrom, routeGraph } from '../routes/index.js';
import { DeckBuilder } from '../testing/index.js';
import {
  asksForSomebody,
  readStop,
  resumeShow,
  shownSlide,
  shownStop,
  type ShowState,
  type ShowStep,
  slidesWalked,
  startShow,
  stayOf,
  stopsOf,
  takeStep,
} from './index.js';

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

  test('back returns along the walk, not along the order', () => {
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

  test('restart forgets the walk', () => {
    expect(walk({ type: 'next' }, { type: 'go', slideId: 'end' }, { type: 'restart' })).toEqual(begin());
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
    const state = resumeShow(deck, { walk: ['gate', 'gone', 'splash'], seen: ['end', 'gone'] });
    expect(state && slidesWalked(state)).toEqual(['gate', 'splash']);
    expect(state?.seen).toEqual(['end', 'gate', 'splash']);
    expect(resumeShow(deck, { walk: [], seen: [] })).toEqual(begin());
  });
});

describe('the stops of a slide', () => {
  const viewed = new DeckBuilder()
    .slide('map', { overview: 'first-and-last', exits: 'links-only' })
    .item('creek', 'viewpoint', { fields: { order: 'a1' } })
    .item('hide', 'viewpoint', { fields: { order: 'a0' } })
    .item('cellar', 'viewpoint')
    .item('moon', 'text')
    .item('owl', 'text')
    .slide('end');
  viewed.apply([
    { type: 'set-item', id: 'moon', fields: { appears: 1 } },
    { type: 'set-item', id: 'owl', fields: { appears: 4 } },
  ]);
  const stops = (overview: Overview) =>
    stopsOf(viewed.apply([{ type: 'set-slide', id: 'map', fields: { overview } }]).deck, 'map').map(
      ({ viewpointId, appeared }) => `${viewpointId ?? 'whole'} ${appeared}`,
    );

  test('go through what appears and the viewpoints in order, with the whole where it is wanted', () => {
    expect(stops('first')).toEqual(['whole 0', 'whole 1', 'whole 4', 'hide 4', 'creek 4']);
    expect(stops('last')).toEqual(['hide 0', 'hide 1', 'hide 4', 'creek 4', 'whole 4']);
    expect(stops('first-and-last')).toEqual(['whole 0', 'whole 1', 'whole 4', 'hide 4', 'creek 4', 'whole 4']);
    expect(stops('on-demand')).toEqual(['hide 0', 'hide 1', 'hide 4', 'creek 4']);
    expect(stopsOf(viewed.deck, 'end')).toEqual([{ slideId: 'end', viewpointId: null, appeared: 0 }]);
  });

  test('one told by another device is read as far as the deck has it', () => {
    const { deck } = viewed;
    for (const stop of stopsOf(deck, 'map')) expect(readStop(deck, JSON.parse(JSON.stringify(stop)))).toEqual(stop);
    const whole = { slideId: 'map', viewpointId: null, appeared: 0 };
    for (const viewpointId of ['moon', 'gone', 'constructor', 7, undefined])
      expect(readStop(deck, { slideId: 'map', viewpointId, appeared: 'all' })).toEqual(whole);
    expect(readStop(deck, { slideId: 'end', viewpointId: 'creek' })?.viewpointId).toBeNull();
    for (const told of [null, 'map', {}, { slideId: 'gone' }, { slideId: 'constructor' }, { slideId: 3 }])
      expect(readStop(deck, told)).toBeNull();
  });

  test('next goes through them before a slide left by links only refuses it; back takes them one by one', () => {
    stops('first');
    let state = startShow(viewed.deck) as ShowState;
    for (let step = 0; step < 4; step += 1) {
      const result = takeStep(viewed.deck, state, { type: 'next' });
      if (result.type === 'moved') state = result.state;
    }
    expect(shownStop(state).viewpointId).toBe('creek');
    expect(takeStep(viewed.deck, state, { type: 'next' })).toEqual({ type: 'refused', why: 'links-only' });
    const aside = takeStep(viewed.deck, state, { type: 'follow', destination: { to: 'viewpoint', itemId: 'cellar' } });
    const cellar = aside.type === 'moved' ? aside.state : state;
    expect(shownStop(cellar)).toEqual({ slideId: 'map', viewpointId: 'cellar', appeared: 4 });
    const back = takeStep(viewed.deck, cellar, { type: 'back' });
    expect(back.type === 'moved' && shownStop(back.state).viewpointId).toBe('creek');
    expect(slidesWalked(cellar)).toEqual(['map']);
  });

  test('after a viewpoint that only a link leads to, next goes on where the order was left', () => {
    stops('first');
    const jumps: ShowStep[] = [
      { type: 'next' },
      { type: 'next' },
      { type: 'next' },
      { type: 'look', viewpointId: 'cellar' },
      { type: 'next' },
    ];
    const state = jumps.reduce(
      (present, step) => {
        const result = takeStep(viewed.deck, present, step);
        return result.type === 'moved' ? result.state : present;
      },
      startShow(viewed.deck) as ShowState,
    );
    expect(shownStop(state).viewpointId).toBe('creek');
  });
});

test('whatever is pressed, a show comes to no slide that no exit leads to', () => {
  const slideIds = ['s0', 's1', 's2', 's3', 's4', 's5'];
  const anySlide = fc.constantFrom(...slideIds);
  const destination: fc.Arbitrary<Destination> = fc.oneof(
    anySlide.map((slideId) => ({ to: 'slide' as const, slideId })),
    fc.constantFrom(...walkingSteps).map((to) => ({ to })),
  );
  const plan = fc.array(
    fc.record({ links: fc.array(destination, { maxLength: 2 }), isOpen: fc.boolean(), leftOut: fc.boolean() }),
    { minLength: 6, maxLength: 6 },
  );
  const presses = fc.array(fc.constantFrom('next', 'back', 'restart', 'link 0', 'link 1'), { maxLength: 40 });
  fc.assert(
    fc.property(plan, presses, (slides, pressed) => {
      const builder = new DeckBuilder();
      slides.forEach(({ links, isOpen, leftOut }, place) => {
        builder.slide(`s${place}`, { exits: isOpen ? 'open' : 'links-only', leftOut });
        links.forEach((link, at) => builder.item(`i${place}${at}`, 'shape', { link }));
      });
      const graph = routeGraph(builder.deck);
      const steps = distancesFrom(graph);
      let state = startShow(builder.deck) as ShowState;
      for (const press of pressed) {
        const links = linksFrom(builder.deck, shownSlide(state));
        const link = links[Number(press.slice(5))];
        if (press.startsWith('link') && !link) continue;
        const step: ShowStep = press.startsWith('link')
          ? { type: 'follow', destination: link?.destination ?? { to: 'back' } }
          : { type: press as 'next' | 'back' | 'restart' };
        const result = takeStep(builder.deck, state, step);
        if (result.type === 'moved') state = result.state;
        expect(steps[graph.ids.indexOf(shownSlide(state))]).toBeGreaterThanOrEqual(0);
        expect(state.seen).toContain(shownSlide(state));
      }
    }),
  );
});

describe('a show that goes on by itself', () => {
  const { deck: timed } = new DeckBuilder()
    .slide('few')
    .item('words', 'text', { fields: { text: plainText('The tide turns at ten.') } })
    .slide('many')
    .item('story', 'text', { fields: { text: plainText('word '.repeat(75)) } })
    .slide('table')
    .item('counts', 'table', {
      fields: { 'cell:1:1': plainText('word '.repeat(30)), 'cell:2:3': plainText('word '.repeat(20)) },
    })
    .slide('set', { stays: 12 })
    .slide('choice')
    .item('sign', 'shape', { link: { to: 'slide', slideId: 'few' } })
    .slide('source')
    .item('site', 'shape', { link: { to: 'web', address: 'https://marram.example' } })
    .slide('asking')
    .item('question', 'short-text');
  const at = (slideId: string) => startShow(timed, slideId) as ShowState;

  test('stays for as long as the words take to read, or as long as was set', () => {
    expect(stayOf(timed, at('few'))).toBe(4000);
    expect(stayOf(timed, at('many'))).toBe(30_000);
    expect(stayOf(timed, at('table'))).toBe(20_000);
    expect(stayOf(timed, at('set'))).toBe(12_000);
  });

  test('waits wherever there is a choice to make or something to answer', () => {
    const waits = (slideId: string) => asksForSomebody(timed, slideId);
    expect(['few', 'source'].map(waits)).toEqual([false, false]);
    expect(['choice', 'asking'].map(waits)).toEqual([true, true]);
    expect(asksForSomebody(deck, 'fork')).toBe(true);
  });
});
