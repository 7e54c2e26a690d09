/** Checks a deck apart from the page, continuously: it keeps the deck, and looks at what changed. */
import { checkDeck, type Finding, type Given, type Samples } from '@gobrel/core/checks';
import type { Deck } from '@gobrel/core/deck';
import { answerQuestions } from '../../../shared/workers';
import { type DeckParts, withParts } from './deck-parts';

/** What is new since it was asked last. */
interface News {
  readonly parts: DeckParts;
  /** Pictures whose colours are known by now. */
  readonly samples: Readonly<Record<string, Samples>>;
}

let deck: Deck | null = null;
let samples: ReadonlyMap<string, Samples> = new Map();
let colours: Given['colours'] = () => null;

const tasks = {
  check: (news: News): readonly Finding[] => {
    const seen = Object.entries(news.samples);
    if (seen.length > 0) {
      samples = new Map([...samples, ...seen]);
      colours = (id) => samples.get(id) ?? null;
    }
    deck = withParts(deck, news.parts);
    return checkDeck(deck, { settings: deck.check, colours });
  },
};

/** What the worker does. */
export type CheckTasks = typeof tasks;

answerQuestions(tasks);
