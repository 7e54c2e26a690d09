import { isDangling, readDeck, slidesInOrder } from '@gobrel/core/deck';
import { markWork } from '@gobrel/core/questions';
import { linksOf } from '@gobrel/core/routes';
import { validateWork } from '@gobrel/core/work';
import { makeScenario } from './index.js';

const scenario = makeScenario(() => 'a'.repeat(64));
const deckOf = (id: string) => {
  const found = scenario.decks.find((entry) => entry.id === id);
  if (!found) throw new Error(`no deck ${id}`);
  return found.deck;
};

test('every sample deck is a deck, and none of its links is open', () => {
  for (const { deck } of [...scenario.decks, ...scenario.school.colleagues.flatMap(({ decks }) => decks)]) {
    expect(readDeck(JSON.parse(JSON.stringify(deck)))).toEqual({ deck, problems: [] });
    expect(linksOf(deck).filter((link) => isDangling(deck, link.destination))).toEqual([]);
  }
});

test('the night walk has twelve slides or more, real branching, and two endings that begin anew', () => {
  const deck = deckOf('night-walk');
  expect(slidesInOrder(deck).length).toBeGreaterThanOrEqual(12);
  const leadingAway = (id: string) =>
    linksOf(deck).filter((link) => link.from === id && link.destination.to === 'slide');
  expect(slidesInOrder(deck).filter((slide) => leadingAway(slide.id).length > 1).length).toBeGreaterThanOrEqual(4);
  const endings = slidesInOrder(deck).filter((slide) => slide.name.startsWith('Ending'));
  expect(
    endings.map((slide) =>
      linksOf(deck)
        .filter((link) => link.from === slide.id)
        .map((link) => link.destination.to),
    ),
  ).toEqual([['restart'], ['restart']]);
});

test('every slide of the night walk can be reached by links from its first', () => {
  const deck = deckOf('night-walk');
  const reached = new Set(['gate']);
  for (const id of reached) {
    for (const { from, destination } of linksOf(deck))
      if (from === id && destination.to === 'slide') reached.add(destination.slideId);
  }
  expect([...reached].sort()).toEqual(Object.keys(deck.slides).sort());
});

test('the class has 24 students, whose work fits its edition and is not all the same', () => {
  expect(scenario.schoolClass.students).toHaveLength(24);
  for (const lesson of scenario.lessons) {
    const edition = deckOf(lesson.deckId);
    for (const { work } of lesson.works) expect(validateWork(work, edition)).toEqual([]);
    const marks = lesson.works.map(({ work }) => markWork(edition, work));
    if ((marks[0]?.outOf ?? 0) > 3) expect(new Set(marks.map(({ points }) => points)).size).toBeGreaterThan(3);
    expect(new Set(lesson.works.map(({ work }) => JSON.stringify(work))).size).toBeGreaterThan(3);
    expect(lesson.works.some(({ submitted }) => submitted)).toBe(true);
  }
});
