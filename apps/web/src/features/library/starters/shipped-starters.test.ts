import { itemsOf, readDeck, slidesInOrder } from '@gobrel/core/deck';
import { isQuestion } from '@gobrel/core/questions';
import { deckStarter, doings, isDeckStarter, moments, slideStarter } from '@gobrel/core/starters';
import { shippedDecks, shippedSlides } from './shipped-starters';

const slides = shippedSlides.map(slideStarter);
const decks = shippedDecks.map((deck) => deckStarter(deck, shippedSlides));

test('there are at least 24 slides and 6 short decks, for every part of a lesson and everything students do', () => {
  expect(slides.length).toBeGreaterThanOrEqual(24);
  expect(decks.length).toBeGreaterThanOrEqual(6);
  expect(new Set(slides.map(({ moment }) => moment))).toEqual(new Set(moments));
  expect(new Set(slides.flatMap(({ does }) => does))).toEqual(new Set(doings));
  expect(new Set([...slides, ...decks].map(({ id }) => id)).size).toBe(slides.length + decks.length);
});

test.each([...slides, ...decks].map((starter) => [starter.name, starter] as const))(
  '“%s” is made of ordinary slides that can be read again, ask something and stay on the slide',
  (_, starter) => {
    expect(readDeck(JSON.parse(JSON.stringify(starter.deck)))).toEqual({ deck: starter.deck, problems: [] });
    const order = slidesInOrder(starter.deck);
    expect(order.length > 1).toBe(isDeckStarter(starter));
    const asking = order.filter(({ id }) => itemsOf(starter.deck, id).some(isQuestion));
    expect(asking.length).toBe(isDeckStarter(starter) ? order.length - 1 : 1);
    for (const { frame } of Object.values(starter.deck.items)) {
      expect(frame.x + frame.width).toBeLessThanOrEqual(1280);
      expect(frame.y + frame.height).toBeLessThanOrEqual(720);
    }
  },
);
