/** Showing a deck: what the audience's window, the presenter's and a trial share. */
export { FindSlide } from './find-slide';
export { useShowKeys } from './show-keys';
export { StageWindow } from './stage-window';
export { Trail } from './trail';
export { useFullScreen } from './use-full-screen';
export { type Show, useShow } from './use-show';
