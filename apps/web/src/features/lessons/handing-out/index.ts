/** Handing a deck out, and the way into the lesson. */
export { HandOutDialog } from './hand-out-dialog';
export { JoinCard, joinAddress, joinPlace } from './join-card';
export { madePins, useNewPins } from './new-pins';
export { TermsDialog } from './terms-dialog';
export { UseAgainDialog } from './use-again-dialog';
