/** Believable work: what a student of given care and pace would have done, the same on every run. */
import { type Deck, type ItemId, slidesInOrder } from '@gobrel/core/deck';
import {
  applyWorkChanges,
  emptyWork,
  placeAdded,
  putIntoZone,
  type Stroke,
  type Work,
  type WorkChange,
} from '@gobrel/core/work';
import { homes } from './decks/shore-zones.js';

/** How somebody works: `care` is the chance of getting a thing right, `pace` how much of the deck is done (0 to 1). */
export interface Habit {
  readonly care: number;
  readonly pace: number;
  readonly seed: number;
}

const species = [
  ['barn owl', 'air', 'It flies without a sound.'],
  ['otter', 'water', 'It shuts its ears when it dives!'],
  ['pipistrelle', 'air', 'It weighs less than a letter.'],
  ['eel', 'water', 'It swims to another ocean to have children.'],
  ['hedgehog', 'grass', 'It smells with a wet nose.'],
  ['curlew', 'grass', 'Its call goes up like a question.'],
] as const;

/** Work on the species cards: a card each, some of them only begun. */
export function speciesCardWork(edition: Deck, habit: Habit): Work {
  const random = seeded(habit.seed + 40);
  const [name, zone, line] = pick(species, random) ?? species[0];
  const steps: WorkChange[] = [
    { part: 'walk', walk: ['cards-own'], seen: ['cards-own'] },
    { part: 'answers', id: 'card-species', value: { kind: 'words', text: name } },
  ];
  if (habit.pace > 0.4) {
    const text = placeAdded(edition, emptyWork, 'card-area', { kind: 'text', text: line, size: 26 });
    steps.push({ part: 'answers', id: 'card-zone', value: { kind: 'choice', picked: [zone] } });
    if (text) steps.push({ part: 'added', id: 'line', value: { ...text, y: 440, width: 480 } });
  }
  if (habit.pace > 0.6) steps.push({ part: 'drawn', id: 'k000001moon', value: moon(random) });
  return applyWorkChanges(emptyWork, steps);
}

/** A moon somebody drew in the upper part of their card, never quite round. */
function moon(random: () => number): Stroke {
  const [x, y, radius] = [300 + random() * 400, 200 + random() * 80, 90 + random() * 60];
  const points = Array.from({ length: 25 }, (_, step) => {
    const [turn, wobble] = [(step / 24) * 2 * Math.PI, 0.94 + random() * 0.12];
    return [x + Math.cos(turn) * radius * wobble, y + Math.sin(turn) * radius * wobble].map(Math.round);
  });
  return { itemId: 'card-area', tool: 'pen', color: '#1d2b2a', width: 9, points: points.flat() };
}

/** Numbers from 0 to 1 that are the same for the same seed (Lehmer's generator). */
export function seeded(seed: number): () => number {
  let state = (seed * 7919 + 104_729) % 2_147_483_647;
  return () => (state = (state * 16_807) % 2_147_483_647) / 2_147_483_647;
}

const zones = ['splash-zone', 'upper-shore', 'middle-shore', 'lower-shore'];
const finds = [
  'A crab claw, orange underneath.',
  'I would like to find an amber stone!',
  'Feathers, grey and white, maybe a gull.',
  'A shell with a tiny hole. My uncle says a whelk drilled it.',
  'Samphire. You can eat it, it tastes of salt.',
];
const reasons = [
  'upper shore because it was dry when we came',
  'Middle. Under the wrack it stays wet.',
  'splash zone, the waves throw it there',
  'lower shore',
];

const pick = <T>(list: readonly T[], random: () => number): T | undefined => list[Math.floor(random() * list.length)];

/** Work on the shore zones worksheet. */
export function shoreZonesWork(edition: Deck, habit: Habit): Work {
  const random = seeded(habit.seed);
  const walk = slidesInOrder(edition)
    .map((slide) => slide.id)
    .slice(0, 1 + Math.floor(habit.pace * 4.2));
  const isRight = () => random() < habit.care;
  const steps: WorkChange[] = [{ part: 'walk', walk, seen: walk }];
  let work = applyWorkChanges(emptyWork, steps);
  const put = (change: WorkChange) => {
    work = applyWorkChanges(work, [change]);
  };
  if (walk.includes('tides')) {
    put({ part: 'blanks', id: 'blank-low', value: isRight() ? 'low' : 'dry' });
    if (habit.pace > 0.35) put({ part: 'blanks', id: 'blank-moon', value: isRight() ? 'moon' : 'wind' });
    const picked = isRight() ? 'splash' : (pick(['middle', 'lower'], random) ?? 'middle');
    put({ part: 'answers', id: 'driest', value: { kind: 'choice', picked: [picked] } });
  }
  if (walk.includes('species')) {
    const pieces = Object.keys(homes).slice(0, walk.includes('own-find') ? 6 : 1 + Math.floor(random() * 5));
    for (const piece of pieces) {
      const zone = isRight() ? homes[piece] : pick(zones, random);
      const drop = zone === undefined ? null : putIntoZone(edition, work, piece, zone);
      work = applyWorkChanges(work, drop?.changes ?? []);
    }
  }
  if (walk.includes('own-find')) {
    const text = pick(finds, random) ?? '';
    put({
      part: 'added',
      id: 'own-1',
      value: { kind: 'text', areaId: 'find-area', x: 120, y: 250, width: 540, height: 110, text, size: 24 },
    });
    put({ part: 'answers', id: 'find-zone', value: { kind: 'words', text: pick(reasons, random) ?? '' } });
  }
  return work;
}

/** Work on the exit questions. */
export function exitWork(edition: Deck, habit: Habit): Work {
  const random = seeded(habit.seed + 400);
  const isRight = () => random() < habit.care;
  const one = (id: ItemId, ...picked: string[]): WorkChange => ({
    part: 'answers',
    id,
    value: { kind: 'choice', picked },
  });
  const night = isRight()
    ? ['c1', 'c2', 'c4']
    : ['c1', ...(random() < 0.5 ? ['c3'] : []), ...(random() < 0.5 ? ['c4'] : [])];
  const plant = isRight() ? 'sea lavender' : (pick(['lavender', 'heather', 'Sea Lavender ', 'samphire'], random) ?? '');
  const walk = slidesInOrder(edition).map((slide) => slide.id);
  return applyWorkChanges(emptyWork, [
    { part: 'walk', walk, seen: walk },
    one('exit-tide', isRight() ? 'c2' : (pick(['c1', 'c3', 'c4'], random) ?? 'c1')),
    one('exit-night', ...night),
    { part: 'answers', id: 'exit-plant', value: { kind: 'words', text: plant } },
    one('exit-sure', pick(['c1', 'c2', 'c2', 'c3'], random) ?? 'c2'),
  ]);
}
