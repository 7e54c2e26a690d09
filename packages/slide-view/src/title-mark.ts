/** The line of chalk under titles. */
import { svgImage } from './svg-image.js';

/** One stroke, stretched to the width of the words above it. @param colour as `#rrggbb` */
export function chalkImage(colour: string): string {
  return svgImage(
    '0 0 100 10',
    `<path d="M0 5C30 1 60 8 100 3" fill="none" stroke="${colour}" stroke-width="4" vector-effect="non-scaling-stroke" opacity="0.7"/>`,
    ' preserveAspectRatio="none"',
  );
}
