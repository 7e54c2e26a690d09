/** Showing a deck: what the audience's window and the presenter's share. */
export { HandButtons, StepButtons } from './show-buttons';
export { useShowKeys } from './show-keys';
export { showNotice, type ShowSheet, ShowSheets } from './show-sheets';
export { StageWindow } from './stage-window';
export { Trail, walkedSlides } from './trail';
export { type Show, useShow } from './use-show';
export { DeckNotOpen, NoSlides } from './no-show';
