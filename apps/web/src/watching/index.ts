/** Watching students at work. */
export { useWorkOf, type WorkOf } from './use-work-of';
