/** The decks that come along whose slides are tied: a story, a quiz that sends back, locked rooms, a walk, a lab, a class book. */
import type { SceneViews } from '@gobrel/contract';
import { BAY, type SceneName } from '@gobrel/core/scenes';
import type { Door, Place, RouteDeck, RoutePage, Spot, TemplateAsk, TemplatePicture } from '@gobrel/core/templates';
import { ages } from '@gobrel/core/templates';
import { messages } from '../../../shared/messages';
import { ask, choices } from './slide-sketch';

const says = messages.templateRoutes;

/** The whole width of a slide below its title, and half of it beside what is asked. */
const WIDE: Place = [200, 172, 880, 440];

interface PageParts {
  readonly ask?: TemplateAsk;
  readonly scene?: readonly [SceneName, 'beside' | Place];
  readonly doors?: readonly Door[];
  readonly spots?: readonly Spot[];
  readonly ending?: boolean;
  readonly isClassPage?: boolean;
}

/** The decks, with the pictures that are stored. */
export function shippedRoutes(stored: SceneViews): readonly RouteDeck[] {
  const picture = (name: SceneName): TemplatePicture | null => {
    const found = stored[name];
    if (!found) return null;
    const { id, width, height } = found;
    return { picture: id, pixels: { width, height }, alt: messages.templateScenes[name] };
  };
  const page = (
    id: string,
    { title, text }: { readonly title: string; readonly text: string },
    { ask: asks, scene, doors, spots, ending, isClassPage }: PageParts,
  ): RoutePage => {
    const seen = scene ? picture(scene[0]) : null;
    return {
      id,
      title,
      text,
      scene: seen && scene ? { ...seen, at: scene[1] } : null,
      ask: asks ?? null,
      doors: doors ?? [],
      spots: seen ? (spots ?? []) : [],
      ending: ending ?? false,
      isClassPage: isClassPage ?? false,
    };
  };
  return [story(page), quiz(page), escape(page), museum(page), lab(page), classBook(page)];
}

type MakePage = (id: string, texts: { readonly title: string; readonly text: string }, parts: PageParts) => RoutePage;

const door = (words: string, to: string, lock?: Door['lock']): Door => ({
  words,
  to: { page: to },
  ...(lock === undefined ? {} : { lock }),
});

const own = (prompt: string, texts: readonly string[], fields: object = {}) =>
  ask('choice', { prompt, choices: choices(texts), right: ['c1'], shuffled: true, feedbackAt: 'at-once', ...fields });

function story(page: MakePage): RouteDeck {
  const { name, title, subtitle, pages } = says.story;
  const { harbour, path, cave, tower, caught, home } = pages;
  return {
    id: 'deck-story',
    moment: 'finding-out',
    does: ['choose'],
    subject: 'language',
    ages,
    theme: 'Lantern',
    name,
    title,
    subtitle,
    pages: [
      page('harbour', harbour, {
        scene: ['tide', 'beside'],
        doors: [door(harbour.doors[0], 'path'), door(harbour.doors[1], 'cave')],
      }),
      page('path', path, {
        scene: ['signpost', 'beside'],
        doors: [door(path.doors[0], 'tower'), door(path.doors[1], 'cave')],
      }),
      page('cave', cave, {
        scene: ['rockPool', 'beside'],
        doors: [door(cave.doors[0], 'caught'), door(cave.doors[1], 'tower')],
      }),
      page('tower', tower, {
        scene: ['lighthouse', 'beside'],
        ask: own(tower.prompt, tower.choices),
        doors: [{ words: tower.doors[0], to: { right: 'home', wrong: 'caught' } }],
      }),
      page('caught', caught, {
        scene: ['seals', 'beside'],
        doors: [{ words: caught.doors[0], to: { step: 'restart' } }],
        ending: true,
      }),
      page('home', home, {
        scene: ['cairns', 'beside'],
        doors: [{ words: home.doors[0], to: { step: 'restart' } }],
        ending: true,
      }),
    ],
  };
}

/** Whoever is wrong reads up on just that, and comes back to the question. */
function quiz(page: MakePage): RouteDeck {
  const { name, title, subtitle, pages } = says.quiz;
  const { tides, birds, prints, done } = pages;
  const asked = (id: string, texts: typeof tides, next: string, scene: SceneName) => [
    page(id, texts, {
      ask: own(texts.prompt, texts.choices),
      scene: [scene, 'beside'],
      doors: [{ words: says.quiz.check, to: { right: next, wrong: `${id}-again` } }],
    }),
    page(
      `${id}-again`,
      { title: texts.againTitle, text: texts.again },
      {
        scene: [scene, WIDE],
        doors: [door(says.quiz.tryAgain, id)],
      },
    ),
  ];
  return {
    id: 'deck-quiz',
    moment: 'practising',
    does: ['choose'],
    subject: 'science',
    ages,
    theme: 'Saltmarsh',
    name,
    title,
    subtitle,
    pages: [
      ...asked('tides', tides, 'birds', 'tide'),
      ...asked('birds', birds, 'prints', 'heron'),
      ...asked('prints', prints, 'done', 'tracks'),
      page('done', done, { scene: ['cairns', WIDE], ending: true }),
    ],
  };
}

/** Doors that open to a right answer; the last one to whoever saw all rooms. */
function escape(page: MakePage): RouteDeck {
  const { name, title, subtitle, pages } = says.escape;
  const { hall, map, posts, lamp, out } = pages;
  return {
    id: 'deck-escape',
    moment: 'practising',
    does: ['number', 'choose', 'write'],
    subject: 'maths',
    ages: ['11-14', '15-18'],
    theme: 'Dusk',
    name,
    title,
    subtitle,
    pages: [
      page('hall', hall, {
        scene: ['lighthouse', 'beside'],
        doors: [
          door(hall.doors[0], 'map'),
          door(hall.doors[1], 'posts', { seen: 'map' }),
          door(hall.doors[2], 'lamp', { seen: 'posts' }),
        ],
      }),
      page('map', map, {
        scene: ['bay', 'beside'],
        ask: own(map.prompt, map.choices),
        doors: [door(says.escape.onwards, 'hall', 'right')],
      }),
      page('posts', posts, {
        scene: ['footbridge', 'beside'],
        ask: ask('number', { prompt: posts.prompt, right: 42, feedbackAt: 'at-once', hints: [posts.hint] }),
        doors: [door(says.escape.onwards, 'hall', 'right')],
      }),
      page('lamp', lamp, {
        scene: ['owl', 'beside'],
        ask: ask('short-text', { prompt: lamp.prompt, accepted: [lamp.accepted], slips: 1, feedbackAt: 'at-once' }),
        doors: [door(lamp.doors[0], 'out', 'right')],
      }),
      page('out', out, { scene: ['cairns', WIDE], ending: true }),
    ],
  };
}

/** A picture to walk around in: what is pressed is told, and all roads lead back. */
function museum(page: MakePage): RouteDeck {
  const { name, title, subtitle, pages } = says.museum;
  const { room, bridge, lighthouse, wood, choose } = pages;
  const [x, y, width, height] = WIDE;
  /** Around a place on the map, which is told in shares of it. */
  const around = ([across, down]: readonly [number, number], wide: number, high: number): Place => [
    x + (across - wide / 2) * width,
    y + (down - high / 2) * height,
    wide * width,
    high * height,
  ];
  const exhibit = (id: string, texts: typeof bridge, scene: SceneName) =>
    page(id, texts, { scene: [scene, WIDE], doors: [door(says.museum.backToRoom, 'room')] });
  return {
    id: 'deck-museum',
    moment: 'finding-out',
    does: ['write'],
    subject: 'society',
    ages,
    theme: 'Press',
    name,
    title,
    subtitle,
    pages: [
      page('room', room, {
        scene: ['bay', WIDE],
        spots: [
          { name: bridge.title, at: around(BAY.bridge, 0.14, 0.28), to: 'bridge' },
          { name: lighthouse.title, at: around(BAY.lighthouse, 0.14, 0.4), to: 'lighthouse' },
          { name: wood.title, at: around(BAY.wood, 0.2, 0.32), to: 'wood' },
        ],
        doors: [door(room.doors[0], 'choose', { pages: 4 })],
      }),
      exhibit('bridge', bridge, 'footbridge'),
      exhibit('lighthouse', lighthouse, 'lighthouse'),
      exhibit('wood', wood, 'owl'),
      page('choose', choose, {
        ask: ask('long-text', { prompt: choose.prompt, leastWords: 25 }),
        ending: true,
      }),
    ],
  };
}

/** An experiment whose way goes by what is tried. */
function lab(page: MakePage): RouteDeck {
  const { name, title, subtitle, pages } = says.lab;
  const { question, salt, sun, result, measure } = pages;
  return {
    id: 'deck-lab',
    moment: 'finding-out',
    does: ['number', 'choose', 'write'],
    subject: 'science',
    ages: ['11-14', '15-18'],
    theme: 'Workshop',
    name,
    title,
    subtitle,
    pages: [
      page('question', question, {
        ask: ask('choice', { prompt: question.prompt, choices: choices(question.choices), right: [], asksSure: true }),
        doors: [door(question.doors[0], 'salt', 'answered'), door(question.doors[1], 'sun', 'answered')],
      }),
      page('salt', salt, {
        scene: ['leaf', WIDE],
        doors: [door(salt.doors[0], 'measure'), door(salt.doors[1], 'sun')],
      }),
      page('sun', sun, {
        scene: ['weathers', WIDE],
        doors: [door(sun.doors[0], 'measure'), door(sun.doors[1], 'salt')],
      }),
      page('measure', measure, {
        scene: ['leaf', 'beside'],
        ask: ask('number', {
          prompt: measure.prompt,
          units: [{ name: 'cm', worth: 1 }],
          right: null,
        }),
        doors: [door(measure.doors[0], 'result', 'answered')],
      }),
      page('result', result, { ask: ask('long-text', { prompt: result.prompt, leastWords: 30 }), ending: true }),
    ],
  };
}

/** Each student's own page in a deck of the class. */
function classBook(page: MakePage): RouteDeck {
  const { name, title, subtitle, pages } = says.classBook;
  const { how, mine } = pages;
  return {
    id: 'deck-class-book',
    moment: 'looking-back',
    does: ['write', 'draw'],
    subject: 'arts',
    ages,
    theme: 'Heather',
    name,
    title,
    subtitle,
    pages: [page('how', how, { scene: ['rucksack', WIDE] }), page('mine', mine, { isClassPage: true })],
  };
}
