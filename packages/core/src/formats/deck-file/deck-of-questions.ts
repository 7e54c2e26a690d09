/** A deck of questions, a slide each. */
import { applyChanges, type Deck, newId } from '../../deck/index.js';
import { addQuestionSlides, type QuestionDraft } from '../question-draft.js';

/** An empty deck with a slide for each question. */
export function deckOfQuestions(empty: Deck, drafts: readonly QuestionDraft[], createId: () => string = newId): Deck {
  return applyChanges(empty, addQuestionSlides(empty, drafts, null, createId).changes);
}
