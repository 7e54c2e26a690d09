/** Slides as pictures on the screens. */
export { Cover } from './cover';
export { SlidePicker } from './slide-picker';
export { Thumbnail } from './thumbnail';
export { WideSlide } from './wide-slide';
export { wayCourse } from './way-course';
