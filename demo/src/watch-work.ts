/** Believable work on the night watch: every kind of answer, right and wrong in a student's own way. */
import { type Deck, type ItemId, slidesInOrder, zonesOn } from '@gobrel/core/deck';
import {
  type Answer,
  applyWorkChanges,
  type Dot,
  dropPiece,
  emptyWork,
  nextStrokeId,
  putIntoZone,
  type Work,
  type WorkChange,
} from '@gobrel/core/work';
import { type Habit, seeded } from './student-work.js';

const plants = ['sea lavender', 'Sea lavendar', 'sea-lavender', 'lavender', 'heather', 'limonium', 'see lavender'];
const distances = ['1200 m', '1,2 km', '1.2 km', '1150 m', '1300m', '1200', '12 km', '900 m', '2 km'];
const parts = ['3/4', '0,75', '¾', '75 %', '0.8', '1/2', 'most of it'];
const stories = [
  'When the otter came up right beside the boardwalk and looked at us. It was so close that I could hear it breathe, and then it was gone.',
  'The owl! It flew over the hide at about ten and made no sound at all. Jonah did not even notice it.',
  'I liked it when everybody was quiet and you could hear the water coming in through the creek, very slowly, and it smelled of salt and mud.',
  'The moon on the water.',
  'We waited at the fork and there was a splash. First I was scared but then Miss Farrow pointed and it was only a rail running over the stones into the reeds.',
];

/** Work on the night watch. */
export function nightWatchWork(edition: Deck, { care, pace, seed }: Habit): Work {
  const random = seeded(seed * 613 + 900);
  const isRight = () => random() < care;
  const pick = <T>(list: readonly T[]): T => {
    const picked = list[Math.floor(random() * list.length)];
    if (picked === undefined) throw new Error('nothing to pick from');
    return picked;
  };
  const about = (x: number, y: number, far = 0.08): Dot => ({
    x: Math.min(1, Math.max(0, x + (random() - 0.5) * far)),
    y: Math.min(1, Math.max(0, y + (random() - 0.5) * far)),
  });
  const walk = slidesInOrder(edition)
    .map((slide) => slide.id)
    .slice(0, 3 + Math.floor(pace * 9));
  let work = applyWorkChanges(emptyWork, [{ part: 'walk', walk, seen: walk }]);
  const put = (...changes: readonly WorkChange[]) => {
    work = applyWorkChanges(work, changes);
  };
  const answer = (id: ItemId, value: Answer) => put({ part: 'answers', id, value });
  const choose = (id: ItemId, ...picked: string[]) => answer(id, { kind: 'choice', picked });
  const write = (id: ItemId, text: string) => answer(id, { kind: 'words', text });
  const on = (slideId: string, act: () => void) => {
    if (walk.includes(slideId)) act();
  };
  on('watch-guess', () => {
    choose('watch-who', isRight() ? 'otter' : pick(['owl', 'rail']));
    put({ part: 'sure', id: 'watch-who', value: ([2, 3, 4] as const)[Math.floor(3 * random() * care)] ?? 4 });
  });
  on('watch-true', () => {
    choose('watch-tide', isRight() ? 'true-false-2' : 'true-false-1');
    choose('watch-sure', `scale-${1 + Math.floor(care * 4.9)}`);
  });
  on('watch-words', () => {
    write('watch-plant', isRight() ? 'sea lavender' : pick(plants));
    put({ part: 'blanks', id: 'watch-hunts', value: isRight() ? 'fish' : pick(['owls', 'reeds']) });
    put({ part: 'blanks', id: 'watch-where-hunts', value: isRight() ? 'creek' : pick(['sea', 'crek', 'night']) });
  });
  on('watch-count', () => {
    write('watch-far', isRight() ? pick(distances.slice(0, 5)) : pick(distances));
    write('watch-part', isRight() ? pick(parts.slice(0, 3)) : pick(parts));
    answer('watch-when', { kind: 'dots', dots: [{ ...about(isRight() ? 5 / 12 : random(), 0.5, 0.05), y: 0.5 }] });
  });
  on('watch-places', () => {
    const dots = [about(0.62, 0.56), about(0.85, 0.6), ...(isRight() ? [] : [about(0.2, 0.3, 0.2)])];
    answer('watch-tracks', { kind: 'dots', dots });
    const ends = [about(0.25, 0.72, 0.2), about(0.75, 0.5, 0.2)];
    answer('watch-flow', { kind: 'dots', dots: isRight() ? ends : [...ends].reverse() });
  });
  on('watch-order', () => {
    const order = ['night-gate', 'night-splash', 'night-owl', 'night-home'];
    const mixed = isRight() ? order : [...order].sort(() => random() - 0.5);
    for (const piece of mixed) put(...(putIntoZone(edition, work, piece, 'watch-row')?.changes ?? []));
    for (const piece of ['quiet-owl', 'quiet-moth'])
      if (isRight()) put(...(putIntoZone(edition, work, piece, 'watch-quiet')?.changes ?? []));
  });
  on('watch-build', () => {
    for (let at = 0; at < 3; at += 1) {
      put(...(dropPiece(edition, work, 'post', { x: 260 + at * 260, y: 380 })?.changes ?? []));
      put(...(dropPiece(edition, work, 'plank', { x: 200 + at * 225, y: 340 + 8 * random() })?.changes ?? []));
    }
  });
  on('watch-draw', () => {
    const strokes = 1 + Math.floor(random() * 3);
    for (let stroke = 0; stroke < strokes; stroke += 1) {
      const [x, y] = [80 + random() * 700, 280 + random() * 180];
      const points = Array.from({ length: 16 }, (_, at) => [
        Math.round(x + at * 7),
        Math.round(y + 22 * Math.sin(at / 2 + seed)),
      ]).flat();
      const id = nextStrokeId(work, `s${seed}`);
      put({ part: 'drawn', id, value: { itemId: 'watch-sketch', tool: 'pen', color: '#b4492a', width: 5, points } });
    }
  });
  on('watch-tell', () => write('watch-story', pick(stories)));
  on('watch-table', () => {
    const zones = zonesOn(edition, 'watch-table');
    for (const [at, { belongs }] of zones.entries()) {
      const zone = isRight() ? zones[at] : zones[(at + 2) % zones.length];
      for (const piece of belongs) put(...(putIntoZone(edition, work, piece, zone?.id ?? '')?.changes ?? []));
    }
  });
  return work;
}
