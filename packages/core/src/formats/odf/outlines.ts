/** The outlines of custom shapes (ODF 1.3 part 3, 19.145), and which of our shapes they are. */
import { type ShapeName, shapeNames, shapePath } from '../../deck/index.js';
import { type PathStep, pathSteps } from '../presentation/path.js';

/** How large something is, in slide units. */
interface Size {
  readonly width: number;
  readonly height: number;
}

/** Which of ours a shape is by its type, or is nearest to; the types are those that most programs write. */
const types: Readonly<Record<string, ShapeName>> = {
  rectangle: 'sharp-rectangle',
  'round-rectangle': 'round-rectangle',
  ellipse: 'ellipse',
  'isosceles-triangle': 'triangle',
  'right-triangle': 'right-triangle',
  diamond: 'diamond',
  parallelogram: 'parallelogram',
  trapezoid: 'trapezium',
  pentagon: 'pentagon',
  hexagon: 'hexagon',
  octagon: 'octagon',
  star5: 'star',
  star6: 'six-star',
  star8: 'burst',
  star12: 'burst',
  star24: 'burst',
  bang: 'burst',
  cross: 'cross',
  'right-arrow': 'arrow-right',
  'left-arrow': 'arrow-left',
  'up-arrow': 'arrow-up',
  'down-arrow': 'arrow-down',
  'left-right-arrow': 'arrow-both',
  'pentagon-right': 'signpost',
  chevron: 'chevron',
  heart: 'heart',
  cloud: 'cloud',
  'rectangular-callout': 'speech',
  'round-rectangular-callout': 'speech',
  'round-callout': 'speech',
  moon: 'moon',
  ring: 'ring',
  'flowchart-process': 'sharp-rectangle',
  'flowchart-decision': 'diamond',
  'flowchart-terminator': 'pill',
};
const exact: ReadonlySet<string> = new Set(['rectangle', 'ellipse', 'isosceles-triangle', 'right-triangle', 'diamond']);

/** The shape of an outline. */
export interface FoundOutline {
  readonly shape: ShapeName;
  readonly isNearest: boolean;
  /** The outline of what is none of ours, in slide units; `null` where it is one, or cannot be read. */
  readonly steps: readonly PathStep[] | null;
}

/** Which shape a geometry is. @param size of what has it */
export function readOutline(geometry: Readonly<Record<string, string>>, size: Size): FoundOutline {
  const type = geometry['draw:type'] ?? '';
  const named = types[type];
  if (named !== undefined) return { shape: named, isNearest: !exact.has(type), steps: null };
  const steps = stepsOf(geometry['draw:enhanced-path'] ?? '', geometry['svg:viewBox'] ?? '', size);
  if (!steps) return { shape: 'sharp-rectangle', isNearest: true, steps: null };
  const found = shapeNames.find((shape) => isSame(steps, pathSteps(shapePath(shape, size.width, size.height))));
  return found
    ? { shape: found, isNearest: false, steps: null }
    : { shape: 'sharp-rectangle', isNearest: false, steps };
}

/** The steps of a path within a box; `null` where it has formulas or commands that are not worked out here. */
export function stepsOf(path: string, viewBox: string, size: Size): readonly PathStep[] | null {
  const [left = 0, top = 0, width = 0, height = 0] = viewBox
    .trim()
    .split(/[\s,]+/)
    .map(Number);
  const plain = path.replaceAll(/[NFS]\b/g, ' ').trim();
  if (!(width > 0 && height > 0) || plain === '' || /[?$ABGTUVWXYQ]/.test(plain.replaceAll(/[MLCZ]/gi, '')))
    return null;
  const at = ({ x, y }: { readonly x: number; readonly y: number }) => ({
    x: ((x - left) / width) * size.width,
    y: ((y - top) / height) * size.height,
  });
  return pathSteps(plain).map((step) => {
    if (step.is === 'close') return step;
    if (step.is === 'curve') return { ...step, first: at(step.first), second: at(step.second), to: at(step.to) };
    return { ...step, to: at(step.to) };
  });
}

/** Whether two outlines are the same, to a fiftieth of a slide unit. */
function isSame(one: readonly PathStep[], other: readonly PathStep[]): boolean {
  const near = (a: { readonly x: number; readonly y: number }, b: { readonly x: number; readonly y: number }) =>
    Math.abs(a.x - b.x) < 0.03 && Math.abs(a.y - b.y) < 0.03;
  return (
    one.length === other.length &&
    one.every((step, index) => {
      const same = other[index];
      if (!same || same.is !== step.is) return false;
      if (step.is === 'close' || same.is === 'close') return true;
      if (
        step.is === 'curve' &&
        same.is === 'curve' &&
        !(near(step.first, same.first) && near(step.second, same.second))
      )
        return false;
      return near(step.to, same.to);
    })
  );
}
