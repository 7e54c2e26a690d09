import { attentionOf, byNeed, countWays, type Doing, needsHelp, stepsFrom } from './index.js';

const NOW = 10_000_000;
const minutesAgo = (minutes: number) => NOW - minutes * 60_000;
const busy: Doing = {
  hasJoined: true,
  isHere: true,
  wasHere: true,
  isClosed: false,
  hasSubmitted: false,
  activeAt: minutesAgo(1),
  onSlideSince: minutesAgo(2),
  slideId: 'tides',
  isSomethingEmpty: true,
};

describe('how somebody is doing', () => {
  test('at work, idle, stuck, without a connection, not here, submitted', () => {
    const states = [
      busy,
      { ...busy, activeAt: minutesAgo(4) },
      { ...busy, onSlideSince: minutesAgo(6) },
      { ...busy, isHere: false },
      { ...busy, hasJoined: false },
      { ...busy, hasSubmitted: true, isHere: false },
    ].map((doing) => attentionOf(doing, NOW));
    expect(states.map(({ state }) => state)).toEqual(['working', 'idle', 'stuck', 'offline', 'absent', 'submitted']);
    expect(states.filter(needsHelp)).toHaveLength(3);
    expect([...states].sort(byNeed)[0]).toEqual({ state: 'stuck', minutes: 6 });
  });

  test('who has not been here while somebody looked on is away, and in a closed lesson nobody is missed', () => {
    expect(attentionOf({ ...busy, isHere: false, wasHere: false }, NOW).state).toBe('away');
    expect(needsHelp({ state: 'away' })).toBe(false);
    expect(attentionOf({ ...busy, isHere: false, isClosed: true }, NOW).state).toBe('over');
    expect(attentionOf({ ...busy, hasSubmitted: true, isClosed: true }, NOW).state).toBe('submitted');
  });

  test('on a slide with nothing empty nobody is stuck, and of the unknown nothing is said', () => {
    expect(attentionOf({ ...busy, onSlideSince: minutesAgo(9), isSomethingEmpty: false }, NOW).state).toBe('working');
    expect(attentionOf({ ...busy, activeAt: null, onSlideSince: null }, NOW).state).toBe('working');
  });
});

test('ways are counted once a student, and where they parted is told by how many took which', () => {
  const ways = countWays([
    { walk: ['start', 'reeds', 'end'], seen: ['start', 'reeds', 'end'] },
    { walk: ['start', 'reeds', 'start', 'reeds'], seen: ['start', 'reeds'] },
    { walk: ['start', 'mud'], seen: ['start', 'reeds', 'mud'] },
  ]);
  expect(stepsFrom(ways, 'start')).toEqual([
    { from: 'start', to: 'reeds', students: 2 },
    { from: 'start', to: 'mud', students: 1 },
  ]);
  expect([...ways.reached]).toEqual([
    ['start', 3],
    ['reeds', 3],
    ['end', 1],
    ['mud', 1],
  ]);
});
