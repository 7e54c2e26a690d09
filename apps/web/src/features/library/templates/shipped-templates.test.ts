import { itemsOf, readDeck, slidesInOrder } from '@gobrel/core/deck';
import { isQuestion } from '@gobrel/core/questions';
import { deckTemplate, doings, isDeckTemplate, moments, slideTemplate } from '@gobrel/core/templates';
import { shippedDecks, shippedSlides } from './shipped-templates';

const slides = shippedSlides.map(slideTemplate);
const decks = shippedDecks.map((deck) => deckTemplate(deck, shippedSlides));

test('there are at least 24 slides and 6 short decks, for every part of a lesson and everything students do', () => {
  expect(slides.length).toBeGreaterThanOrEqual(24);
  expect(decks.length).toBeGreaterThanOrEqual(6);
  expect(new Set(slides.map(({ moment }) => moment))).toEqual(new Set(moments));
  expect(new Set(slides.flatMap(({ does }) => does))).toEqual(new Set(doings));
  expect(new Set([...slides, ...decks].map(({ id }) => id)).size).toBe(slides.length + decks.length);
});

test.each([...slides, ...decks].map((template) => [template.name, template] as const))(
  '“%s” is made of ordinary slides that can be read again, ask something and stay on the slide',
  (_, template) => {
    expect(readDeck(JSON.parse(JSON.stringify(template.deck)))).toEqual({ deck: template.deck, problems: [] });
    const order = slidesInOrder(template.deck);
    expect(order.length > 1).toBe(isDeckTemplate(template));
    const asking = order.filter(({ id }) => itemsOf(template.deck, id).some(isQuestion));
    expect(asking.length).toBe(isDeckTemplate(template) ? order.length - 1 : 1);
    for (const { frame } of Object.values(template.deck.items)) {
      expect(frame.x + frame.width).toBeLessThanOrEqual(1280);
      expect(frame.y + frame.height).toBeLessThanOrEqual(720);
    }
  },
);
