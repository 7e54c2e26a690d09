/** What leaves for paper and as pictures: drawn slides, laid out on sheets, written as PDF and SVG. */
export * from './drawn-page.js';
export * from './map-sheet.js';
export * from './sheet.js';
export * from './sheets.js';
export * from './student-sheets.js';
export * from './write-pdf.js';
export { writeSvg } from './write-svg.js';
