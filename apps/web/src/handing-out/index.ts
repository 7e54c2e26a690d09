/** Handing a deck out, and the way into the lesson. */
export { HandOutDialog } from './hand-out-dialog';
export { JoinCard } from './join-card';
