import { formulaParts, isDangling, isMedia, readDeck, slidesInOrder, staleFormulas } from '@gobrel/core/deck';
import { markWork } from '@gobrel/core/questions';
import { linksOf } from '@gobrel/core/routes';
import { drawTex } from '@gobrel/core/tex';
import { validateWork } from '@gobrel/core/work';
import { DRAWN, makeScenario, media } from './index.js';

const stored = { file: 'b'.repeat(64), fileName: 'x.wav', bytes: 1, seconds: 1, credit: DRAWN };
const scenario = makeScenario(
  () => 'a'.repeat(64),
  () => stored,
);
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

test('the sounds of the sample are WAV files as long as they say, and heard without being cut off', () => {
  for (const { bytes, seconds } of Object.values(media)) {
    if (bytes instanceof URL) continue;
    expect(Buffer.from(bytes.subarray(0, 4)).toString()).toBe('RIFF');
    const samples = bytes.subarray(44);
    expect(samples.length / 11_025).toBeCloseTo(seconds, 2);
    const loudest = Math.max(...samples.map((sample) => Math.abs(sample - 128)));
    expect(loudest).toBeGreaterThan(25);
    expect(samples.filter((sample) => sample <= 1 || sample >= 254).length).toBeLessThan(samples.length / 500);
  }
});

test('what plays in the sample has captions, or is the wind', () => {
  const items = Object.values(deckOf('marsh-sounds').items).filter(isMedia);
  expect(items.filter(({ captions }) => captions.length === 0).map(({ alt }) => alt)).toEqual(['Wind in the reeds']);
});

test('formulas of the sample carry the drawings that the library makes of them now', () => {
  for (const { deck } of scenario.decks) expect(staleFormulas(deck)).toEqual([]);
  const drawings = Object.values(deckOf('tide-numbers').items).flatMap(({ formulas }) => Object.entries(formulas));
  expect(drawings.length).toBeGreaterThan(4);
  for (const [source, drawing] of drawings) {
    const [part] = formulaParts(source);
    expect(part?.is === 'formula' ? drawTex(part.tex, part.byItself) : null).toEqual({ drawing });
  }
});
