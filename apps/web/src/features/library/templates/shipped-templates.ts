/** The templates that come along. What they say is in the catalogue; all of it is there to be changed. */
import type { ItemKindName, OwnFields } from '@gobrel/core/deck';
import type { Doing, Moment, TemplateAsk, TemplateDeck, TemplateSlide } from '@gobrel/core/templates';
import { messages } from '../../../shared/messages';

const says = messages.templateSlides;
const titles = messages.templateDecks;

const ask = <K extends ItemKindName>(kind: K, fields: Partial<OwnFields<K>>): TemplateAsk => ({ kind, fields });

/** Choices with identifiers c1, c2 and so on. */
const choices = (texts: readonly string[]) => texts.map((text, at) => ({ id: `c${at + 1}`, text }));

/** How far something is true of oneself, in steps. */
const scale = (prompt: string) =>
  ask('choice', {
    prompt,
    form: 'scale',
    choices: messages.questions.forms.scale.map((text, at) => ({ id: `scale-${at + 1}`, text })),
    right: [],
  });

/** A slide that is called, titled and told about as the catalogue says. */
const slide = <Id extends keyof typeof says>(
  id: Id,
  moment: Moment,
  does: Doing,
  asks: (texts: (typeof says)[Id]) => TemplateAsk,
): TemplateSlide => {
  const texts = says[id];
  const { name, title, text = '' }: { name: string; title: string; text?: string } = texts;
  return { id, moment, does, name, title, text, ask: asks(texts) };
};

/** Slides to begin from, by their part of a lesson. */
export const shippedSlides: readonly TemplateSlide[] = [
  slide('mood', 'getting-going', 'choose', ({ prompt }) => scale(prompt)),
  slide('guess', 'getting-going', 'choose', (texts) =>
    ask('choice', { prompt: texts.prompt, choices: choices(texts.choices), right: [], asksSure: true }),
  ),
  slide('already-know', 'getting-going', 'write', ({ prompt }) => ask('long-text', { prompt, leastWords: 10 })),
  slide('first-word', 'getting-going', 'write', ({ prompt }) => ask('short-text', { prompt })),
  slide('estimate', 'getting-going', 'number', ({ prompt }) => ask('number', { prompt })),
  slide('where-is-it', 'getting-going', 'point', ({ prompt }) => ask('point', { prompt })),
  slide('say-hello', 'getting-going', 'speak', ({ prompt }) => ask('spoken', { prompt, longest: 20 })),
  slide('observe', 'finding-out', 'write', ({ prompt }) =>
    ask('long-text', { prompt, leastWords: 20, mostWords: 120 }),
  ),
  slide('find-all', 'finding-out', 'point', ({ prompt }) => ask('point', { prompt, mark: 'dots', most: 8, points: 2 })),
  slide('when-was-it', 'finding-out', 'point', ({ prompt }) =>
    ask('point', { prompt, axis: { from: 1900, to: 2000, unit: '', upright: false, right: 1950, tolerance: 10 } }),
  ),
  slide('which-way', 'finding-out', 'point', ({ prompt }) => ask('point', { prompt, mark: 'arrow', points: 2 })),
  slide('measure', 'finding-out', 'number', ({ prompt }) =>
    ask('number', {
      prompt,
      units: [
        { name: 'cm', worth: 1 },
        { name: 'm', worth: 100 },
      ],
      unitNeeded: true,
      right: 25,
      tolerance: 1,
    }),
  ),
  slide('sketch', 'finding-out', 'draw', ({ prompt }) => ask('draw', { prompt })),
  slide('label-parts', 'finding-out', 'label', ({ pieces }) => ({
    place: 'label',
    words: { zones: pieces.map(() => ''), pieces },
  })),
  slide('interview', 'finding-out', 'speak', ({ prompt }) => ask('spoken', { prompt, longest: 60 })),
  slide('true-false', 'practising', 'choose', (texts) =>
    ask('choice', {
      prompt: texts.prompt,
      form: 'true-false',
      choices: messages.questions.forms['true-false'].map((text, at) => ({ id: `true-false-${at + 1}`, text })),
      right: ['true-false-1'],
      feedbackAt: 'at-once',
      feedback: { right: texts.whenRight, partly: '', wrong: texts.whenWrong },
    }),
  ),
  slide('pick-one', 'practising', 'choose', (texts) =>
    ask('choice', {
      prompt: texts.prompt,
      choices: choices(texts.choices),
      right: ['c1'],
      shuffled: true,
      feedbackAt: 'at-once',
      attempts: 2,
      hints: [texts.hint],
    }),
  ),
  slide('pick-all', 'practising', 'choose', (texts) =>
    ask('choice', {
      prompt: texts.prompt,
      choices: choices(texts.choices),
      right: ['c1', 'c2'],
      several: true,
      shuffled: true,
      points: 2,
      feedbackAt: 'at-once',
    }),
  ),
  slide('fill-word', 'practising', 'write', (texts) =>
    ask('short-text', {
      prompt: texts.prompt,
      accepted: [texts.accepted],
      slips: 1,
      feedbackAt: 'at-once',
      attempts: 3,
      hints: [texts.hint],
    }),
  ),
  slide('calculate', 'practising', 'number', ({ prompt, hint }) =>
    ask('number', { prompt, right: 42, feedbackAt: 'at-once', hints: [hint] }),
  ),
  slide('sort-two', 'practising', 'sort', ({ zones, pieces }) => ({ place: 'sort', words: { zones, pieces } })),
  slide('sort-three', 'practising', 'sort', ({ zones, pieces }) => ({ place: 'sort', words: { zones, pieces } })),
  slide('fill-table', 'practising', 'sort', ({ table }) => ({ table })),
  slide('match-pairs', 'practising', 'match', ({ zones, pieces }) => ({ place: 'match', words: { zones, pieces } })),
  slide('order-steps', 'practising', 'order', ({ zones, pieces }) => ({ place: 'order', words: { zones, pieces } })),
  slide('label-map', 'practising', 'label', ({ pieces }) => ({
    place: 'label',
    words: { zones: pieces.map(() => ''), pieces },
  })),
  slide('how-sure', 'looking-back', 'choose', ({ prompt }) => scale(prompt)),
  slide('one-thing', 'looking-back', 'write', ({ prompt }) => ask('short-text', { prompt })),
  slide('open-question', 'looking-back', 'write', ({ prompt }) => ask('long-text', { prompt })),
  slide('picture-it', 'looking-back', 'draw', ({ prompt }) => ask('draw', { prompt })),
  slide('tell-it', 'looking-back', 'speak', ({ prompt }) => ask('spoken', { prompt, longest: 30 })),
  slide('rank-it', 'looking-back', 'order', ({ zones, pieces }) => ({ place: 'order', words: { zones, pieces } })),
];

const deck = (
  id: keyof typeof titles,
  moment: Moment,
  theme: string,
  slides: readonly (keyof typeof says)[],
): TemplateDeck => ({
  id: `deck-${id}`,
  moment,
  theme,
  slides,
  ...titles[id],
});

/** Short decks of some of the slides. */
export const shippedDecks: readonly TemplateDeck[] = [
  deck('warm-up', 'getting-going', 'Rock pool', ['mood', 'first-word', 'guess']),
  deck('new-topic', 'getting-going', 'Notebook', ['already-know', 'estimate', 'guess', 'open-question']),
  deck('look-closely', 'finding-out', 'Saltmarsh', ['observe', 'find-all', 'sketch', 'label-parts']),
  deck('field-trip', 'finding-out', 'Dune', ['where-is-it', 'measure', 'interview', 'sketch', 'one-thing']),
  deck('practice', 'practising', 'Workshop', [
    'true-false',
    'pick-one',
    'fill-word',
    'match-pairs',
    'order-steps',
    'calculate',
  ]),
  deck('words', 'practising', 'Heather', ['sort-two', 'match-pairs', 'fill-word', 'say-hello']),
  deck('exit', 'looking-back', 'Dusk', ['how-sure', 'one-thing', 'open-question']),
];
