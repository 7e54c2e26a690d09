import type { ChoiceItem } from '../../deck/index.js';
import { DeckBuilder } from '../../testing/index.js';
import { choiceLetters } from '../index.js';

const question = (texts: readonly string[], prompt = 'Which of these?', height = 340): ChoiceItem => {
  const { deck } = new DeckBuilder().slide('s').item('q', 'choice', {
    frame: { x: 0, y: 0, width: 640, height, rotation: 0 },
    fields: { prompt, choices: texts.map((text, at) => ({ id: `c${at}`, text })) },
  });
  return deck.items['q'] as ChoiceItem;
};
const sixty = 'A plant that stands in salt water twice on each single day.x';

test('a few short choices have large letters, more and longer ones smaller, and never less than can be read', () => {
  const short = choiceLetters(question(['Eel', 'Crab', 'Tern']));
  const long = choiceLetters(question([sixty, sixty, sixty, sixty]));
  expect(sixty).toHaveLength(60);
  expect(short).toBe(34);
  expect(long).toBeLessThan(short);
  expect(long).toBeGreaterThanOrEqual(18);
  expect(
    choiceLetters(
      question(
        Array.from({ length: 12 }, () => sixty),
        sixty,
        200,
      ),
    ),
  ).toBe(10);
});

test('letters grow with the room, and wide scripts take more of it', () => {
  expect(choiceLetters(question([sixty, sixty], sixty, 500))).toBeGreaterThan(
    choiceLetters(question([sixty, sixty], sixty, 250)),
  );
  const words = '潮の満ち引きは月の引力によって起こると考えられている';
  const square = choiceLetters(question([words, words, words, words]));
  expect(square).toBeLessThan(
    choiceLetters(question([words, words, words, words].map((each) => each.replace(/./gu, 'a')))),
  );
});
