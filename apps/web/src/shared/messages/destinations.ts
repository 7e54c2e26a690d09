/** Where links lead, in a few words. */
import type { BranchAnswer, Deck, Destination, Item } from '@gobrel/core/deck';
import { choiceLetter } from '@gobrel/core/questions';
import { viewpointAt } from '@gobrel/core/routes';
import { destinations, kinds, links } from '@gobrel/messages';
import { slideName } from './slide-name';

/** Where a link of `deck` leads: a name, an address, a step; or that it leads nowhere now. */
export function destinationIn(deck: Deck, to: Destination): string {
  switch (to.to) {
    case 'slide':
      return deck.slides[to.slideId] ? slideName(deck, to.slideId) : destinations.slideIsGone;
    case 'viewpoint': {
      const viewpoint = viewpointAt(deck, to.itemId);
      return viewpoint ? viewpoint.name || kinds.viewpoint : destinations.viewpointIsGone;
    }
    case 'by-answer':
      return destinations.byAnswer;
    case 'deck':
      return to.title ? destinations.inDeck({ title: to.title }) : destinations.otherDeck;
    case 'file':
      return to.name || destinations.file;
    case 'web':
      return to.address.replace(/^https?:\/\//, '');
    default:
      return destinations.steps[to.to];
  }
}

/** The answer by which a branch is taken, such as “if right” or “if B”. */
export function branchCalled(question: Item | undefined, answer: BranchAnswer): string {
  if (typeof answer === 'string') return links.branches[answer];
  const place = question?.kind === 'choice' ? question.choices.findIndex(({ id }) => id === answer.choice) : -1;
  return place < 0 ? links.branches.gone : links.branches.choice({ letter: choiceLetter(place) });
}
