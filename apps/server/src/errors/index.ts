/** What is said when something goes wrong. */
export { cleanRequest } from './clean-request.js';
export * from './problem-exception.js';
export * from './problem-filter.js';
export { problemOf } from './problem-of.js';
export * from './validation.js';
export { isOwnOrigin } from './own-origin.js';
export { ownPagesOnly } from './own-pages-only.js';
export { sendProblem } from './send-problem.js';
