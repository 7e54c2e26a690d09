/** Work apart from the page: asking a worker, and answering in it. */
export { answerQuestions } from './answer-questions';
export { askingWorker } from './asking-worker';
