/** How large the slides of a file are. */
import { OWN_SIZE, type SlideSize, type SlideSizeName, slideSizes } from '../../deck/index.js';

const usual: readonly SlideSizeName[] = [
  '16:9',
  '4:3',
  'a4-portrait',
  'a4-landscape',
  'letter-portrait',
  'letter-landscape',
];

/** The size of slides, in slide units: one of the usual ones, one of its own, or the usual one where it is none that slides can have. */
export function foundSize(across: number, down: number): SlideSizeName | SlideSize {
  const [width, height] = [Math.round(across), Math.round(down)];
  const isSize = (side: number) => side >= OWN_SIZE.least && side <= OWN_SIZE.most;
  if (!isSize(width) || !isSize(height)) return '16:9';
  const isNear = (name: SlideSizeName) =>
    Math.abs(slideSizes[name].width - width) < 2 && Math.abs(slideSizes[name].height - height) < 2;
  return usual.find(isNear) ?? { width, height };
}
