/** Drawing formulas that are typed in TeX. Large: load it only where somebody writes them. */
export { type DrawnTex, drawTex } from './draw-tex.js';
