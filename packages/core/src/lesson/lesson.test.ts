import fc from 'fast-check';
import { DeckBuilder } from '../testing/index.js';
import {
  addTurn,
  applaud,
  askInWriting,
  beginCountdown,
  dropTurn,
  endTurn,
  gather,
  isOpened,
  ledStop,
  type LessonChange,
  type LessonState,
  moveTurn,
  newLessonState,
  nextTurn,
  raiseHand,
  readLessonState,
  withoutParticipant,
  secondsLeft,
  setOpened,
  setPace,
  shuffled,
  startTurn,
} from './index.js';

const edition = new DeckBuilder().slide('start').slide('tides').slide('end').deck;
const after = (state: LessonState, ...changes: ((state: LessonState) => LessonChange)[]): LessonState =>
  changes.reduce<LessonState>((present, change) => ({ ...present, ...change(present) }), state);
const NOW = 1_790_000_000_000;

describe('leading', () => {
  test('together the class is where the teacher leads, at the start at first; at own pace nobody is led', () => {
    const together = after(newLessonState, (state) => setPace(edition, state, 'together'));
    expect(ledStop(edition, together)?.slideId).toBe('start');
    expect(
      ledStop(
        edition,
        after(together, (state) => setPace(edition, state, 'own-pace')),
      ),
    ).toBeNull();
  });

  test('where the teacher led is known by the earlier name too', () => {
    const stop = { slideId: 'start', viewpointId: null, appeared: 0 };
    expect(readLessonState({ lead: { way: [stop], seen: ['start'] } }).lead).toEqual({ walk: [stop], seen: ['start'] });
  });

  test('where the teacher led is known when they lead again', () => {
    const walk = [
      { slideId: 'start', viewpointId: null, appeared: 0 },
      { slideId: 'end', viewpointId: null, appeared: 0 },
    ] as const;
    const led = { ...newLessonState, pace: 'together' as const, lead: { walk, seen: ['start', 'end'] } };
    const back = after(
      led,
      (state) => setPace(edition, state, 'own-pace'),
      (state) => setPace(edition, state, 'together'),
    );
    expect(ledStop(edition, back)?.slideId).toBe('end');
  });

  test('a slide that a correction took away is led to no more', () => {
    const walk = [
      { slideId: 'start', viewpointId: null, appeared: 0 },
      { slideId: 'gone', viewpointId: null, appeared: 0 },
    ] as const;
    const state = { ...newLessonState, pace: 'together' as const, lead: { walk, seen: ['start'] } };
    expect(ledStop(edition, state)?.slideId).toBe('start');
  });

  test('slides are shut and opened one by one; with all of them open nothing is remembered', () => {
    const shut = after(newLessonState, (state) => setOpened(edition, state, 'end', false));
    expect([isOpened(shut, 'end'), isOpened(shut, 'tides')]).toEqual([false, true]);
    expect(after(shut, (state) => setOpened(edition, state, 'end', true)).opened).toBeNull();
  });

  test('calling everybody to a slide opens it, and each call is a new one', () => {
    const shut = after(newLessonState, (state) => setOpened(edition, state, 'end', false));
    const called = after(
      shut,
      (state) => gather(state, 'end'),
      (state) => gather(state, 'end'),
    );
    expect(called.gathering).toEqual({ slideId: 'end', number: 2 });
    expect(isOpened(called, 'end')).toBe(true);
  });

  test('a countdown ends by the server’s clock and never goes below nothing', () => {
    const { countdown } = beginCountdown(90, NOW);
    expect(secondsLeft(countdown ?? { endsAt: 0 }, NOW + 30_500)).toBe(60);
    expect(secondsLeft(countdown ?? { endsAt: 0 }, NOW + 600_000)).toBe(0);
  });
});

describe('turns', () => {
  test('a student is listed once, shows, and the turn ends', () => {
    const listed = after(
      newLessonState,
      (state) => addTurn(state, 'ines'),
      (state) => addTurn(state, 'dov'),
      (state) => addTurn(state, 'ines'),
    );
    expect(listed.turnList).toEqual(['ines', 'dov']);
    const shows = after(
      listed,
      (state) => startTurn(state, 'ines', NOW),
      (state) => addTurn(state, 'ines'),
    );
    expect(shows).toMatchObject({ turnList: ['dov'], showing: 'ines', turnTime: null });
    const over = after(shows, (state) => dropTurn(state, 'dov'), endTurn);
    expect(over).toMatchObject({ turnList: [], showing: null });
  });

  test('the next one shows for the time a turn takes; after the last nobody does', () => {
    const timed = { ...newLessonState, turnSeconds: 60, turnList: ['ines'] };
    const shows = after(timed, (state) => nextTurn(state, NOW));
    expect(shows).toMatchObject({ showing: 'ines', turnTime: { endsAt: NOW + 60_000 } });
    expect(after(shows, (state) => nextTurn(state, NOW)).showing).toBeNull();
  });

  test('who volunteers is listed when the teacher takes them, and lowers the hand', () => {
    const asked = { ...newLessonState, allowed: { ...newLessonState.allowed, hands: true } };
    const up = after(asked, (state) => raiseHand(state, 'dov', true));
    expect(up.hands).toEqual(['dov']);
    expect(after(up, (state) => addTurn(state, 'dov'))).toMatchObject({ hands: [], turnList: ['dov'] });
    expect(after(up, (state) => raiseHand(state, 'dov', false)).hands).toEqual([]);
    expect(after(newLessonState, (state) => raiseHand(state, 'dov', true)).hands).toEqual([]);
  });

  test('applause and questions are for whoever shows, where the teacher lets them', () => {
    const allowed = { hands: true, following: true, applause: true, questions: true };
    const shows = { ...newLessonState, allowed, showing: 'ines' };
    expect(after(shows, (state) => applaud(state, 'dov')).applause).toBe(1);
    expect(after(shows, (state) => applaud(state, 'ines')).applause).toBe(0);
    expect(after(newLessonState, (state) => applaud(state, 'dov')).applause).toBe(0);
    const ask = (state: LessonState) =>
      askInWriting(state, { id: 'q1', participantId: 'dov', text: '  Why the tide? ' });
    expect(after(shows, ask).asked).toEqual([{ id: 'q1', participantId: 'dov', text: 'Why the tide?' }]);
    expect(after({ ...shows, showing: null }, ask).asked).toEqual([]);
  });

  test('moving and shuffling lose nobody and double nobody', () => {
    const names = fc.uniqueArray(fc.stringMatching(/^[a-z]{1,6}$/), { minLength: 1, maxLength: 12 });
    fc.assert(
      fc.property(names, fc.nat(12), fc.nat(12), fc.nat(), (turnList, who, place, seed) => {
        const state = { ...newLessonState, turnList };
        const moved = after(state, (present) =>
          moveTurn(present, turnList[who % turnList.length] ?? '', place),
        ).turnList;
        expect([...moved].sort()).toEqual([...turnList].sort());
        let at = seed;
        const random = () => (at = (at * 16_807 + 7) % 2_147_483_647) / 2_147_483_647;
        expect([...shuffled(turnList, random)].sort()).toEqual([...turnList].sort());
      }),
    );
  });
});

test('a state nobody vouches for is read without harm', () => {
  fc.assert(
    fc.property(fc.jsonValue(), (value) => {
      const state = readLessonState(value);
      expect(readLessonState(JSON.parse(JSON.stringify(state)))).toEqual(state);
    }),
  );
});

test('whoever is erased is in nothing that a lesson says any more, and the others are where they were', () => {
  const others = { ...newLessonState, turnList: ['ada'], hands: ['bo'], showing: 'ada' };
  expect(withoutParticipant(others, 'cy')).toEqual({});
  const everywhere = {
    ...newLessonState,
    turnList: ['ada', 'cy', 'bo'],
    hands: ['cy'],
    showing: 'cy',
    asked: [
      { id: 'q1', participantId: 'cy', text: 'Why?' },
      { id: 'q2', participantId: 'bo', text: 'How?' },
    ],
    answersShown: { slideId: 'start', of: ['bo', 'cy'], picked: ['cy'], how: 'layered' as const },
  };
  const left = { ...everywhere, ...withoutParticipant(everywhere, 'cy') };
  expect(left).toMatchObject({
    turnList: ['ada', 'bo'],
    hands: [],
    showing: null,
    answersShown: { of: ['bo'], picked: [] },
  });
  expect(JSON.stringify(left)).not.toContain('cy');
});

test('a chart on the class screen is read with the key hidden unless it says otherwise, and a turn ends it', () => {
  expect(readLessonState({ chartShown: { itemId: 'why' } }).chartShown).toEqual({ itemId: 'why', isKeyShown: false });
  expect(readLessonState({ chartShown: { itemId: 'why', isKeyShown: true } }).chartShown?.isKeyShown).toBe(true);
  expect(readLessonState({ chartShown: { itemId: '../why' } }).chartShown).toBeNull();
  const shown = { ...newLessonState, chartShown: { itemId: 'why', isKeyShown: true } };
  expect(readLessonState(JSON.parse(JSON.stringify(shown)))).toEqual(shown);
  expect({ ...shown, ...startTurn(shown, 'ada', 0) }.chartShown).toBeNull();
});
