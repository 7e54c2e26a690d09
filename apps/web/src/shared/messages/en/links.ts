/** Words about links: where they lead, what they wait for. */
import type { BranchAnswer, Deck, Gate, GateName, Item, ItemId, SlideId } from '@gobrel/core/deck';
import { nameOf } from '@gobrel/core/deck';
import { choiceLetter } from '@gobrel/core/questions';
import { kinds, slides } from './names';

/** An item as it is spoken of in a sentence. */
function itemCalled(deck: Deck, itemId: ItemId): string {
  const item = deck.items[itemId];
  if (!item) return 'something that is gone';
  const name = nameOf(item);
  return name ? `“${name}”` : `the ${kinds[item.kind].toLowerCase()}`;
}

/** A slide as it is spoken of in a sentence. */
function slideCalled(deck: Deck, slideId: SlideId): string {
  const slide = deck.slides[slideId];
  if (!slide) return 'a slide that is gone';
  return `“${slides.called(deck, slide.id)}”`;
}

const seenSlides = (count: number) => `${count} ${count === 1 ? 'slide' : 'different slides'}`;

/** When a gate opens, to follow "open when". */
function gateOpens(deck: Deck, gate: Gate): string {
  switch (gate.opens) {
    case 'answered':
      return `${itemCalled(deck, gate.itemId)} is answered`;
    case 'right':
      return `${itemCalled(deck, gate.itemId)} is answered right`;
    case 'filled':
      return `something lies in ${itemCalled(deck, gate.itemId)}`;
    case 'found':
      return `${itemCalled(deck, gate.itemId)} is found`;
    case 'seen':
      return `${slideCalled(deck, gate.slideId)} was seen`;
    case 'seen-count':
      return `${seenSlides(gate.count)} were seen`;
  }
}

/** What is missing, for whoever stands before a shut gate. */
export function gateMissing(deck: Deck, gate: Gate, more: number): string {
  switch (gate.opens) {
    case 'answered':
      return `This way opens when you have answered ${itemCalled(deck, gate.itemId)}.`;
    case 'right':
      return `This way opens when ${itemCalled(deck, gate.itemId)} is answered right.`;
    case 'filled':
      return `This way opens when you have put something into ${itemCalled(deck, gate.itemId)}.`;
    case 'found':
      return `This way opens when you have found ${itemCalled(deck, gate.itemId)} and moved it.`;
    case 'seen':
      return `This way opens when you have seen ${slideCalled(deck, gate.slideId)}.`;
    case 'seen-count':
      return `This way opens when you have seen ${more} more ${more === 1 ? 'slide' : 'slides'}.`;
  }
}

/** The answer by which a branch is taken, in a few words. */
function branchCalled(question: Item | undefined, answer: BranchAnswer): string {
  if (typeof answer === 'string') return answer === 'right' ? 'if right' : 'if wrong';
  const place = question?.kind === 'choice' ? question.choices.findIndex(({ id }) => id === answer.choice) : -1;
  return place < 0 ? 'if a choice that is gone' : `if ${choiceLetter(place)}`;
}

export const links = {
  kinds: {
    slide: 'In this deck',
    'by-answer': 'By the answer',
    deck: 'Another deck',
    web: 'The web',
    file: 'A file',
  },
  kindsOf: 'Kind of destination',
  viewpoints: 'Viewpoints',
  steps: 'Steps of the walk',
  stepsShort: {
    next: 'next',
    previous: 'previous',
    first: 'first',
    last: 'last',
    back: 'back',
    restart: 'restart',
    end: 'end',
  },
  viewpoint: (slide: string, name: string) => `${name || 'Viewpoint'} on ${slide}`,
  unnamedViewpoint: 'Viewpoint',
  openWhen: (deck: Deck, gate: Gate) => `open when ${gateOpens(deck, gate)}`,
  gate: 'This link is open',
  gates: {
    answered: 'when a question is answered',
    right: 'when a question is answered right',
    filled: 'when a zone is filled',
    found: 'when a piece is found',
    seen: 'when a slide was seen',
    'seen-count': 'when a number of slides was seen',
  } satisfies Record<GateName, string>,
  always: 'at once',
  gateOf: {
    answered: 'Which question',
    right: 'Which question',
    filled: 'Which zone',
    found: 'Which piece',
    seen: 'Which slide',
    'seen-count': 'How many slides',
  } satisfies Record<GateName, string>,
  onSlide: (name: string, slide: string) => `${name} (${slide})`,
  question: 'Question',
  noQuestion:
    'Place a choice, or a question with a right answer, on a slide first; then one answer can lead here and another there.',
  ifRight: 'A right answer leads to',
  ifWrong: 'Any other answer leads to',
  ifChoice: (letter: string, text: string) => `${letter} ${text}`.trim(),
  ownWays: 'Choices with a slide of their own',
  nowhere: 'nowhere',
  asOthers: 'as right or wrong',
  useAnswer: 'Lead by the answer',
  branch: branchCalled,
  decks: 'Your decks',
  noDecks: 'There is no other deck in your library yet.',
  anySlide: 'from its start',
  slideOfDeck: 'Its slide',
  itemOfDeck: 'Its viewpoint',
  wholeSlide: 'the whole slide',
  useDeck: 'Lead there',
  deckNotOpen: 'This deck cannot be opened. Its owner may have removed it, or no longer shares it with you.',
  chooseFile: 'Choose a file',
  fileHint: 'A sound is played beside the show; anything else is handed out. Up to 20 MB.',
  fileNow: (name: string) => `It leads to “${name}”.`,
  uploading: 'The file is on its way …',
  called: itemCalled,
  groupOf: (count: number) => `Group of ${count} items`,
} as const;
