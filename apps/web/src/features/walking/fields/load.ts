/** Brings the fields below a slide, which only a narrow screen needs. */
export const loadSlideFields = () => import('./slide-fields').then(({ SlideFields }) => ({ default: SlideFields }));
