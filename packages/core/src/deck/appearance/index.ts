/** Appearance: colours, themes, shapes, grounds, pictures and layouts. */
export * from './box-look.js';
export * from './colour-names.js';
export * from './colour.js';
export * from './contrast.js';
export * from './layouts.js';
export * from './picture-look.js';
export * from './question-ground.js';
export * from './shape-hit.js';
export * from './shapes.js';
export * from './slide-ground.js';
export * from './svg-strokes.js';
export * from './theme.js';
export * from './theme-marks.js';
export * from './theme-page.js';
export * from './theme-table.js';
export * from './themes/index.js';
