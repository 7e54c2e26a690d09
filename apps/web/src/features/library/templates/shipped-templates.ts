/** The templates that come along. What they say is in the catalogue; all of it is there to be changed. */
import type { SceneViews } from '@gobrel/contract';
import { BAY, CRABS, FLOCK, HERON_PARTS, LEAF, type SceneName } from '@gobrel/core/scenes';
import { ages, type Moment, type Subject, type TemplateDeck, type TemplateSlide } from '@gobrel/core/templates';
import { messages } from '../../../shared/messages';
import { around, ask, choices, pointAt, scale, type Sketch, slide } from './slide-sketch';

const sketches: readonly Sketch[] = [
  slide('mood', {
    moment: 'getting-going',
    does: 'choose',
    theme: 'Rock pool',
    scene: ['weathers', 'below'],
    asks: ({ prompt }) => scale(prompt),
  }),
  slide('guess', {
    moment: 'getting-going',
    does: 'choose',
    theme: 'Lantern',
    scene: ['owl', 'beside'],
    asks: (texts) =>
      ask('choice', { prompt: texts.prompt, choices: choices(texts.choices), right: [], asksSure: true }),
  }),
  slide('already-know', {
    moment: 'getting-going',
    does: 'write',
    theme: 'Saltmarsh',
    scene: ['tide', 'beside'],
    asks: ({ prompt }) => ask('long-text', { prompt, leastWords: 10 }),
  }),
  slide('first-word', {
    moment: 'getting-going',
    does: 'write',
    subject: 'language',
    theme: 'Dusk',
    scene: ['lighthouse', 'beside'],
    asks: ({ prompt }) => ask('short-text', { prompt }),
  }),
  slide('estimate', {
    moment: 'getting-going',
    does: 'number',
    subject: 'maths',
    theme: 'Dune',
    scene: ['flock', 'beside'],
    asks: ({ prompt }) => ask('number', { prompt, right: FLOCK, tolerance: 0.25, toleranceIs: 'relative' }),
  }),
  slide('where-is-it', {
    moment: 'getting-going',
    does: 'point',
    subject: 'society',
    theme: 'Notebook',
    asks: ({ prompt }, picture) =>
      pointAt(picture('bay'), { prompt, regions: [around('bridge', BAY.bridge, 0.08, 0.2)], feedbackAt: 'at-once' }),
  }),
  slide('say-hello', {
    moment: 'getting-going',
    does: 'speak',
    subject: 'language',
    ages: ['7-10', '11-14'],
    theme: 'Rock pool',
    scene: ['seals', 'beside'],
    asks: ({ prompt }) => ask('spoken', { prompt, longest: 20 }),
  }),
  slide('observe', {
    moment: 'finding-out',
    does: 'write',
    subject: 'science',
    theme: 'Saltmarsh',
    scene: ['heron', 'beside'],
    asks: ({ prompt }) => ask('long-text', { prompt, leastWords: 20, mostWords: 120 }),
  }),
  slide('find-all', {
    moment: 'finding-out',
    does: 'point',
    subject: 'science',
    ages: ['7-10'],
    theme: 'Rock pool',
    asks: ({ prompt }, picture) =>
      pointAt(picture('rockPool'), {
        prompt,
        mark: 'dots',
        most: CRABS.length,
        points: CRABS.length,
        regions: CRABS.map((place, at) => around(`crab-${at + 1}`, place, 0.08, 0.18)),
      }),
  }),
  slide('when-was-it', {
    moment: 'finding-out',
    does: 'point',
    subject: 'society',
    ages: ['11-14', '15-18'],
    theme: 'Press',
    scene: ['lighthouse', 'beside'],
    asks: ({ prompt }) =>
      ask('point', { prompt, axis: { from: 1850, to: 1950, unit: '', upright: false, right: 1890, tolerance: 3 } }),
  }),
  slide('which-way', {
    moment: 'finding-out',
    does: 'point',
    subject: 'society',
    theme: 'Notebook',
    asks: ({ prompt }, picture) =>
      pointAt(picture('bay'), {
        prompt,
        mark: 'arrow',
        points: 2,
        regions: [around('spring', BAY.spring, 0.12, 0.26), around('mouth', BAY.mouth, 0.12, 0.26)],
      }),
  }),
  slide('measure', {
    moment: 'finding-out',
    does: 'number',
    subject: 'maths',
    ages: ['7-10', '11-14'],
    theme: 'Workshop',
    scene: ['leaf', 'beside'],
    asks: ({ prompt }) =>
      ask('number', {
        prompt,
        units: [
          { name: 'cm', worth: 1 },
          { name: 'm', worth: 100 },
        ],
        unitNeeded: true,
        right: LEAF,
        tolerance: 0.5,
      }),
  }),
  slide('sketch', {
    moment: 'finding-out',
    does: 'draw',
    subject: 'arts',
    theme: 'Slate',
    scene: ['heron', 'beside'],
    asks: ({ prompt }) => ask('draw', { prompt }),
  }),
  slide('label-parts', {
    moment: 'finding-out',
    does: 'label',
    subject: 'science',
    theme: 'Saltmarsh',
    scene: ['heron', [424, 172, 416, 338]],
    asks: ({ pieces }) => ({
      place: 'label',
      words: { zones: pieces.map(() => ''), pieces },
      parts: [
        { at: [120, 200, 220, 76], part: HERON_PARTS[0] ?? null },
        { at: [120, 380, 220, 76], part: HERON_PARTS[1] ?? null },
        { at: [924, 200, 220, 76], part: HERON_PARTS[2] ?? null },
        { at: [924, 400, 220, 76], part: HERON_PARTS[3] ?? null },
      ],
    }),
  }),
  slide('interview', {
    moment: 'finding-out',
    does: 'speak',
    subject: 'language',
    theme: 'Heather',
    scene: ['talking', 'beside'],
    asks: ({ prompt }) => ask('spoken', { prompt, longest: 60 }),
  }),
  slide('true-false', {
    moment: 'practising',
    does: 'choose',
    subject: 'science',
    theme: 'Dune',
    scene: ['tide', 'beside'],
    asks: (texts) =>
      ask('choice', {
        prompt: texts.prompt,
        form: 'true-false',
        choices: messages.questions.forms['true-false'].map((text, at) => ({ id: `true-false-${at + 1}`, text })),
        right: ['true-false-1'],
        feedbackAt: 'at-once',
        feedback: { right: texts.whenRight, partly: '', wrong: texts.whenWrong },
      }),
  }),
  slide('pick-one', {
    moment: 'practising',
    does: 'choose',
    subject: 'science',
    theme: 'Dune',
    scene: ['tracks', 'beside'],
    asks: (texts) =>
      ask('choice', {
        prompt: texts.prompt,
        choices: choices(texts.choices),
        right: ['c1'],
        shuffled: true,
        feedbackAt: 'at-once',
        attempts: 2,
        hints: [texts.hint],
      }),
  }),
  slide('pick-all', {
    moment: 'practising',
    does: 'choose',
    subject: 'science',
    ages: ['7-10'],
    theme: 'Saltmarsh',
    asks: (texts, picture) =>
      ask('choice', {
        prompt: texts.prompt,
        choices: choices(texts.choices).map((choice, at) => ({
          ...choice,
          picture: picture(ANIMALS[at] ?? 'crab')?.picture,
        })),
        right: ['c1', 'c2'],
        several: true,
        shuffled: true,
        points: 2,
        feedbackAt: 'at-once',
      }),
  }),
  slide('fill-word', {
    moment: 'practising',
    does: 'write',
    subject: 'language',
    theme: 'Dusk',
    scene: ['lighthouse', 'beside'],
    asks: (texts) =>
      ask('short-text', {
        prompt: texts.prompt,
        accepted: [texts.accepted],
        slips: 1,
        feedbackAt: 'at-once',
        attempts: 3,
        hints: [texts.hint],
      }),
  }),
  slide('calculate', {
    moment: 'practising',
    does: 'number',
    subject: 'maths',
    ages: ['7-10', '11-14'],
    theme: 'Workshop',
    scene: ['footbridge', 'beside'],
    asks: ({ prompt, hint }) => ask('number', { prompt, right: 42, feedbackAt: 'at-once', hints: [hint] }),
  }),
  slide('sort-two', {
    moment: 'practising',
    does: 'sort',
    subject: 'science',
    ages: ['7-10'],
    theme: 'Slate',
    asks: ({ zones, pieces }) => ({ place: 'sort', words: { zones, pieces } }),
  }),
  slide('sort-three', {
    moment: 'practising',
    does: 'sort',
    subject: 'science',
    ages: ['7-10', '11-14'],
    theme: 'Heather',
    asks: ({ zones, pieces }) => ({ place: 'sort', words: { zones, pieces } }),
  }),
  slide('fill-table', { moment: 'practising', does: 'sort', theme: 'Workshop', asks: ({ table }) => ({ table }) }),
  slide('match-pairs', {
    moment: 'practising',
    does: 'match',
    subject: 'language',
    ages: ['7-10'],
    theme: 'Rock pool',
    asks: ({ zones, pieces }) => ({ place: 'match', words: { zones, pieces } }),
  }),
  slide('order-steps', {
    moment: 'practising',
    does: 'order',
    subject: 'science',
    theme: 'Saltmarsh',
    asks: ({ zones, pieces }) => ({ place: 'order', words: { zones, pieces } }),
  }),
  slide('label-map', {
    moment: 'practising',
    does: 'label',
    subject: 'society',
    theme: 'Notebook',
    scene: ['bay', [60, 172, 820, 339]],
    asks: ({ pieces }) => ({
      place: 'label',
      words: { zones: pieces.map(() => ''), pieces },
      parts: [
        { at: [980, 190, 240, 76], part: BAY.lighthouse },
        { at: [980, 310, 240, 76], part: BAY.bridge },
        { at: [980, 430, 240, 76], part: BAY.wood },
      ],
    }),
  }),
  slide('how-sure', {
    moment: 'looking-back',
    does: 'choose',
    theme: 'Dune',
    scene: ['cairns', 'below'],
    asks: ({ prompt }) => scale(prompt),
  }),
  slide('one-thing', {
    moment: 'looking-back',
    does: 'write',
    theme: 'Heather',
    scene: ['rucksack', 'beside'],
    asks: ({ prompt }) => ask('short-text', { prompt }),
  }),
  slide('open-question', {
    moment: 'looking-back',
    does: 'write',
    theme: 'Lantern',
    scene: ['signpost', 'beside'],
    asks: ({ prompt }) => ask('long-text', { prompt }),
  }),
  slide('picture-it', {
    moment: 'looking-back',
    does: 'draw',
    subject: 'arts',
    theme: 'Slate',
    asks: ({ prompt }) => ask('draw', { prompt }),
  }),
  slide('tell-it', {
    moment: 'looking-back',
    does: 'speak',
    theme: 'Heather',
    scene: ['talking', 'beside'],
    asks: ({ prompt }) => ask('spoken', { prompt, longest: 30 }),
  }),
  slide('rank-it', {
    moment: 'looking-back',
    does: 'order',
    theme: 'Press',
    asks: ({ zones, pieces }) => ({ place: 'order', words: { zones, pieces } }),
  }),
  slide('odd-one-out', {
    moment: 'getting-going',
    does: 'choose',
    theme: 'Rock pool',
    subject: 'science',
    ages: ['7-10', '11-14'],
    asks: (texts, picture) =>
      ask('choice', {
        prompt: texts.prompt,
        choices: choices(texts.choices).map((choice, at) => ({
          ...choice,
          picture: picture((['heron', 'owl', 'flock', 'seals'] as const)[at] ?? 'crab')?.picture,
        })),
        right: [],
      }),
  }),
  slide('where-do-you-stand', {
    moment: 'getting-going',
    does: 'point',
    theme: 'Lantern',
    subject: 'society',
    ages: ['11-14', '15-18'],
    scene: ['signpost', 'beside'],
    asks: ({ prompt }) =>
      ask('point', { prompt, axis: { from: 0, to: 10, unit: '', upright: false, right: null, tolerance: 0 } }),
  }),
  slide('read-chart', {
    moment: 'finding-out',
    does: 'number',
    theme: 'Saltmarsh',
    subject: 'maths',
    ages: ['11-14', '15-18'],
    chart: ({ table }) => ({ form: 'bars', rows: table }),
    asks: ({ prompt, hint }) => ask('number', { prompt, right: 18, feedbackAt: 'at-once', attempts: 2, hints: [hint] }),
  }),
  slide('spot-it', {
    moment: 'finding-out',
    does: 'point',
    theme: 'Notebook',
    subject: 'society',
    asks: ({ prompt }, picture) =>
      pointAt(picture('bay'), {
        prompt,
        regions: [around('lighthouse', BAY.lighthouse, 0.1, 0.26)],
        feedbackAt: 'at-once',
        attempts: 2,
      }),
  }),
  slide('compare', {
    moment: 'finding-out',
    does: 'sort',
    theme: 'Dune',
    asks: ({ zones, pieces }) => ({ place: 'sort', words: { zones, pieces } }),
  }),
  slide('cause-effect', {
    moment: 'practising',
    does: 'match',
    theme: 'Dusk',
    subject: 'science',
    asks: ({ zones, pieces }) => ({ place: 'match', words: { zones, pieces } }),
  }),
  slide('timeline', {
    moment: 'practising',
    does: 'order',
    theme: 'Press',
    subject: 'society',
    ages: ['11-14', '15-18'],
    asks: ({ zones, pieces }) => ({ place: 'order', words: { zones, pieces } }),
  }),
  slide('explain-to', {
    moment: 'looking-back',
    does: 'write',
    theme: 'Heather',
    scene: ['talking', 'beside'],
    asks: ({ prompt }) => ask('long-text', { prompt, leastWords: 30, mostWords: 120 }),
  }),
];

/** The pictures of choices among animals. */
const ANIMALS: readonly SceneName[] = ['heron', 'owl', 'crab', 'seals'];

/** Slides to begin from, by their part of a lesson; without pictures that are not stored. */
export function shippedSlides(stored: SceneViews): readonly TemplateSlide[] {
  const picture = (name: SceneName) => {
    const found = stored[name];
    if (!found) return null;
    const { id, width, height } = found;
    return { picture: id, pixels: { width, height }, alt: messages.templateScenes[name] };
  };
  return sketches.map((sketch) => sketch(picture));
}

const deck = (
  id: keyof typeof messages.templateDecks,
  moment: Moment,
  theme: string,
  slides: readonly (keyof typeof messages.templateSlides)[],
  subject: Subject | null = null,
): TemplateDeck => ({
  id: `deck-${id}`,
  moment,
  theme,
  slides,
  subject,
  ages,
  ...messages.templateDecks[id],
});

/** Short decks of some of the slides. */
export const shippedDecks: readonly TemplateDeck[] = [
  deck('warm-up', 'getting-going', 'Rock pool', ['mood', 'first-word', 'guess']),
  deck('new-topic', 'getting-going', 'Notebook', ['already-know', 'estimate', 'guess', 'open-question']),
  deck('look-closely', 'finding-out', 'Saltmarsh', ['observe', 'find-all', 'sketch', 'label-parts'], 'science'),
  deck('field-trip', 'finding-out', 'Dune', ['where-is-it', 'measure', 'interview', 'sketch', 'one-thing']),
  deck('practice', 'practising', 'Workshop', [
    'true-false',
    'pick-one',
    'fill-word',
    'match-pairs',
    'order-steps',
    'calculate',
  ]),
  deck('words', 'practising', 'Heather', ['sort-two', 'match-pairs', 'fill-word', 'say-hello'], 'language'),
  deck('exit', 'looking-back', 'Dusk', ['how-sure', 'one-thing', 'open-question']),
];
