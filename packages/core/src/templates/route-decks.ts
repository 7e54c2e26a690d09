/** Templates whose slides are tied by doors, hotspots and answers: stories, rooms, walks. */
import {
  addItem,
  applyChanges,
  type Change,
  type Deck,
  type Destination,
  type Gate,
  itemsOf,
  PLAIN_LOOK,
  plainText,
  setText,
  type SlideId,
} from '../deck/index.js';
import { classPage } from './class-page.js';
import { begunDeck, type Place, slideIn, type TemplateAsk, type TemplatePicture } from './template-slides.js';
import type { Age, Doing, Moment, Subject, Template } from './template.js';

/** Where a door leads: to a page of the deck, by what was answered on its own page, back, or to the start again. */
export type DoorTo =
  | { readonly page: string }
  | { readonly right: string; readonly wrong: string }
  | { readonly step: 'back' | 'restart' };

/** What opens a door that is locked: the question of its page, a page that was seen, or so many pages. */
export type DoorLock = 'answered' | 'right' | { readonly seen: string } | { readonly pages: number };

/** A button that leads somewhere. */
export interface Door {
  readonly words: string;
  readonly to: DoorTo;
  readonly lock?: DoorLock;
}

/** An invisible place on the picture of a page that leads somewhere. */
export interface Spot {
  /** What is there. */
  readonly name: string;
  readonly at: Place;
  readonly to: string;
}

/** A page of such a deck. */
export interface RoutePage {
  readonly id: string;
  readonly title: string;
  readonly text: string;
  readonly scene: (TemplatePicture & { readonly at: 'beside' | 'below' | Place }) | null;
  readonly ask: TemplateAsk | null;
  readonly doors: readonly Door[];
  readonly spots: readonly Spot[];
  /** Whether the walk ends here. */
  readonly ending: boolean;
  /** Whether each student gets this page as their own, in a deck of the class. */
  readonly isClassPage: boolean;
}

/** What such a deck is made of. */
export interface RouteDeck {
  readonly id: string;
  readonly name: string;
  readonly moment: Moment;
  readonly does: readonly Doing[];
  readonly subject: Subject | null;
  readonly ages: readonly Age[];
  readonly title: string;
  readonly subtitle: string;
  readonly theme: string;
  readonly pages: readonly RoutePage[];
}

/** Where doors stand: along the lower edge, in slide units. */
const DOORS = { y: 636, height: 60, between: 20, left: 60, width: 1160 };

/** A template that is such a deck; its opening leads to the first page. */
export function routeTemplate(spec: RouteDeck): Template {
  const { id, name, moment, does, subject, ages, pages } = spec;
  let deck = begunDeck(spec);
  const slideOf = (page: string): SlideId => `${id}-${page}`;
  for (const page of pages) {
    const slideId = slideOf(page.id);
    deck = page.isClassPage
      ? withClassPage(deck, page, slideId)
      : slideIn(deck, { ...page, name: page.title }, slideId);
    const fields = {
      exits: page.doors.length > 0 || page.spots.length > 0 ? 'links-only' : 'open',
      ending: page.ending,
    } as const;
    deck = applyChanges(deck, [{ type: 'set-slide', id: slideId, fields }]);
  }
  for (const page of pages) {
    const changes = [...doorsOf(deck, page, slideOf), ...spotsOf(deck, page, slideOf)];
    deck = applyChanges(deck, changes);
  }
  return { id, name, moment, does, subject, ages, deck };
}

function withClassPage(deck: Deck, page: RoutePage, slideId: SlideId): Deck {
  const made = classPage(deck, slideId, page.title);
  const title = itemsOf(made, slideId).find(({ role }) => role === 'title');
  return title ? applyChanges(made, setText(made, title.id, plainText(page.title))) : made;
}

type SlideOf = (page: string) => SlideId;

function doorsOf(deck: Deck, { id, doors }: RoutePage, slideOf: SlideOf): Change[] {
  const slideId = slideOf(id);
  const count = doors.length;
  const width = Math.min(420, (DOORS.width - DOORS.between * (count - 1)) / Math.max(1, count));
  return doors.flatMap(({ words, to, lock }, at) => {
    const link = destinationOf(to, slideId, slideOf);
    const gate = lock === undefined ? null : gateOf(lock, slideId, slideOf);
    const x = DOORS.left + at * (width + DOORS.between);
    return addItem(deck, {
      id: `${slideId}-door-${at + 1}`,
      slideId,
      kind: 'shape',
      frame: { x, y: DOORS.y, width, height: DOORS.height, rotation: 0 },
      // What goes by an answer is open once there is one.
      link: gate && link.to !== 'by-answer' ? { ...link, gate } : link,
      fields: {
        text: plainText(words),
        boxStyle: 'button',
        look: { ...PLAIN_LOOK, size: 24, align: 'center', upright: 'middle', fit: 'shrink' },
      },
    });
  });
}

function spotsOf(deck: Deck, { id, spots }: RoutePage, slideOf: SlideOf): Change[] {
  const slideId = slideOf(id);
  return spots.flatMap(({ name, at: [x, y, width, height], to }, at) =>
    addItem(deck, {
      id: `${slideId}-spot-${at + 1}`,
      slideId,
      kind: 'hotspot',
      name,
      frame: { x, y, width, height, rotation: 0 },
      link: { to: 'slide', slideId: slideOf(to) },
    }),
  );
}

/** The question of a page, as it is called when it is asked. */
const questionOn = (slideId: SlideId) => `${slideId}-q1`;

function destinationOf(to: DoorTo, slideId: SlideId, slideOf: SlideOf): Destination {
  if ('page' in to) return { to: 'slide', slideId: slideOf(to.page) };
  if ('step' in to) return { to: to.step };
  return {
    to: 'by-answer',
    questionId: questionOn(slideId),
    right: slideOf(to.right),
    wrong: slideOf(to.wrong),
    choices: {},
  };
}

function gateOf(lock: DoorLock, slideId: SlideId, slideOf: SlideOf): Gate {
  if (typeof lock === 'string') return { opens: lock, itemId: questionOn(slideId) };
  return 'seen' in lock ? { opens: 'seen', slideId: slideOf(lock.seen) } : { opens: 'seen-count', count: lock.pages };
}
