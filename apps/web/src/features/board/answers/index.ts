/** Everybody's answers to a question: on the board, and on the class screen. */
export { AnswersOf } from './answers-of';
export { type ChartPlace, ChartPlaceProvider } from './chart-place';
export type { Person } from './read-answers';
