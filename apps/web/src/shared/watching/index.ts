/** Watching a class at work, on the teacher's side. */
export { type Watched, useEverybody } from './use-everybody';
export { type WorkOf, useWorkOf } from './use-work-of';
export { PointerDot, useTurnStop } from './turn-view';
export { useNow } from './use-now';
export { TimeLeft } from './time-left';
export { LayeredSlide } from './layered-slide';
export { DrawingLayers, Heat } from './layers';
