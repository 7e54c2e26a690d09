/** Drawings for the words that are ours, in the strokes of the icon set, so that both stand side by side. */
export * from './our-words';
export { DividingRoute } from './dividing-route';
export { LostRoute } from './lost-route';
