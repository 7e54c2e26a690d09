/** Walking through slides: the state of a show in a component, and what is said when a step leads nowhere. */
export { type Walk, useWalk } from './use-walk';
