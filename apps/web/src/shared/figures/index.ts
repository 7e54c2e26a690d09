/** Figures about questions, in a lesson and in results from a file. */
export { QuestionFigures } from './question-figures';
