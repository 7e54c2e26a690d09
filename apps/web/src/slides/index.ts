/** Slides as pictures on the screens. */
export { Cover } from './cover';
export { slideName } from './slide-name';
export { Thumbnail } from './thumbnail';
