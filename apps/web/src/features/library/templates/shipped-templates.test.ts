import type { SceneViews } from '@gobrel/contract';
import { checkDeck } from '@gobrel/core/checks';
import { itemsOf, picturesIn, readDeck, slidesInOrder } from '@gobrel/core/deck';
import { isQuestion } from '@gobrel/core/questions';
import {
  ages,
  deckTemplate,
  doings,
  isDeckTemplate,
  moments,
  routeTemplate,
  slideTemplate,
  subjects,
} from '@gobrel/core/templates';
import { scenes } from '@gobrel/core/scenes';
import { shippedRoutes } from './shipped-routes';
import { shippedDecks, shippedSlides } from './shipped-templates';

/** As the server stores them: sixty-four digits for each name. */
const stored: SceneViews = Object.fromEntries(
  Object.entries(scenes).map(([name, draw], at) => {
    const { width, height } = draw();
    return [name, { id: (at + 16).toString(16).padStart(64, '0'), width, height }];
  }),
);
const slides = shippedSlides(stored).map(slideTemplate);
const shortDecks = shippedDecks.map((deck) => deckTemplate(deck, shippedSlides(stored)));
const routes = shippedRoutes(stored).map(routeTemplate);
const decks = [...routes, ...shortDecks];
const bare = shippedSlides({}).map(slideTemplate);

test('there are 40 slides and 12 decks, for every part of a lesson, everything students do, every subject and age', () => {
  expect(slides.length).toBeGreaterThanOrEqual(40);
  expect(decks.length).toBeGreaterThanOrEqual(12);
  expect(new Set([...slides, ...decks].flatMap(({ subject }) => subject ?? []))).toEqual(new Set(subjects));
  for (const age of ages) expect(slides.filter((template) => template.ages.includes(age)).length).toBeGreaterThan(20);
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
    if (!routes.includes(template)) expect(asking.length).toBe(isDeckTemplate(template) ? order.length - 1 : 1);
    for (const { frame } of Object.values(template.deck.items)) {
      expect(frame.x + frame.width).toBeLessThanOrEqual(1280);
      expect(frame.y + frame.height).toBeLessThanOrEqual(720);
    }
  },
);

test('every scene is on a template, undistorted and described', () => {
  const shown = new Set(slides.flatMap(({ deck }) => picturesIn(deck)));
  expect(shown).toEqual(new Set(Object.values(stored).map(({ id }) => id)));
  for (const { deck } of slides)
    for (const item of Object.values(deck.items)) {
      if (item.kind !== 'picture') continue;
      expect(item.alt).not.toBe('');
      expect(item.frame.width / item.frame.height).toBeCloseTo(item.pixels.width / item.pixels.height, 1);
    }
});

test('templates whose pictures are not stored ask the same without them', () => {
  for (const [at, { deck }] of bare.entries()) {
    expect(picturesIn(deck)).toEqual([]);
    const questions = (each: typeof deck) => Object.values(each.items).filter(isQuestion).length;
    expect(questions(deck)).toBe(questions(slides[at]?.deck ?? deck));
  }
});

test('the key of a question about a picture lies on what is asked for', () => {
  const pointing = slides.flatMap(({ deck }) => Object.values(deck.items).filter((item) => item.kind === 'point'));
  const withRegions = pointing.filter(({ picture }) => picture !== '');
  expect(withRegions.map(({ regions }) => regions.length)).toEqual([1, 5, 2, 1]);
  for (const { regions } of withRegions)
    for (const { x, y, width, height } of regions) {
      expect(Math.min(x, y)).toBeGreaterThanOrEqual(0);
      expect(Math.max(x + width, y + height)).toBeLessThanOrEqual(1);
    }
});

test.each(routes.map((template) => [template.name, template.deck] as const))(
  '“%s” has links that work: nothing the deck check would have mended before class',
  (_, deck) => {
    const found = checkDeck(deck, { settings: deck.check, colours: () => null });
    expect(found.filter(({ level }) => level === 'fix').map(({ rule, slideId }) => [rule, slideId])).toEqual([]);
    const ways = Object.values(deck.items).filter(({ link }) => link !== null);
    const isBook = slidesInOrder(deck).some(({ layout }) => layout === 'class-page');
    expect(isBook || ways.length >= 4).toBe(true);
  },
);
