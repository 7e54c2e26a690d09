/** The bin, as every screen uses it: putting things there with an undo, and restoring them. */
export { BinLink } from './bin-link';
export { RestoreButton } from './restore-button';
export { useBin } from './use-bin';
