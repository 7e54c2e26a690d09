/** Our shapes as presets of DrawingML (ECMA-376 part 1, 20.1.10.56), or as outlines where it has none like them; and back. */
import { type ShapeName, shapeNames, shapePath } from '../../deck/index.js';
import { type PathStep, pathSteps } from '../presentation/path.js';
import { childAt, childrenOf, write, type Written, type XmlElement } from '../xml/index.js';
import { EMU } from './names.js';

/** How large something is, in slide units. */
interface Size {
  readonly width: number;
  readonly height: number;
}

/** Presets that are drawn just as ours are. */
const same: Readonly<Partial<Record<ShapeName, string>>> = {
  'sharp-rectangle': 'rect',
  ellipse: 'ellipse',
  triangle: 'triangle',
  'right-triangle': 'rtTriangle',
  diamond: 'diamond',
};

/** The corners of an ordinary rectangle, in slide units. */
const CORNER = 8;
/** The adjustments of round corners: parts of the shorter side, in hundred-thousandths. */
const ROUND = { some: 25_000, all: 50_000, whole: 100_000 };

/** The geometry of a shape of a size. @param corner of its corners, where its theme says one */
export function writeGeometry(shape: ShapeName, size: Size, corner: number = CORNER): Written {
  const preset = same[shape];
  if (preset) return write('a:prstGeom', { prst: preset }, write('a:avLst'));
  const shorter = Math.max(1, Math.min(size.width, size.height));
  if (shape === 'rectangle') return rounded(Math.min(ROUND.all, Math.round((corner / shorter) * ROUND.whole)));
  if (shape === 'round-rectangle') return rounded(ROUND.some);
  if (shape === 'pill') return rounded(ROUND.all);
  return writeOutline(pathSteps(shapePath(shape, size.width, size.height)), size, true);
}

function rounded(adjustment: number): Written {
  const guide = write('a:gd', { name: 'adj', fmla: `val ${adjustment}` });
  return write('a:prstGeom', { prst: 'roundRect' }, write('a:avLst', {}, guide));
}

/** The geometry of an outline. @param isFilled whether it has an inside */
export function writeOutline(steps: readonly PathStep[], size: Size, isFilled: boolean): Written {
  const at = ({ x, y }: { readonly x: number; readonly y: number }) =>
    write('a:pt', { x: Math.round(x * EMU), y: Math.round(y * EMU) });
  const drawn = steps.map((step) => {
    if (step.is === 'close') return write('a:close');
    if (step.is === 'curve') return write('a:cubicBezTo', {}, at(step.first), at(step.second), at(step.to));
    return write(step.is === 'move' ? 'a:moveTo' : 'a:lnTo', {}, at(step.to));
  });
  const measures = { w: Math.round(size.width * EMU), h: Math.round(size.height * EMU) };
  return write(
    'a:custGeom',
    {},
    write('a:avLst'),
    write('a:gdLst'),
    write('a:ahLst'),
    write('a:cxnLst'),
    write('a:rect', { l: 'l', t: 't', r: 'r', b: 'b' }),
    write('a:pathLst', {}, write('a:path', isFilled ? measures : { ...measures, fill: 'none' }, ...drawn)),
  );
}

/** Which of ours a preset is, or is nearest to. */
const ours: Readonly<Record<string, ShapeName>> = {
  rect: 'sharp-rectangle',
  ellipse: 'ellipse',
  triangle: 'triangle',
  rtTriangle: 'right-triangle',
  diamond: 'diamond',
  flowChartProcess: 'sharp-rectangle',
  flowChartDecision: 'diamond',
  flowChartTerminator: 'pill',
  flowChartConnector: 'ellipse',
  parallelogram: 'parallelogram',
  trapezoid: 'trapezium',
  pentagon: 'pentagon',
  hexagon: 'hexagon',
  octagon: 'octagon',
  star5: 'star',
  star6: 'six-star',
  star8: 'burst',
  star10: 'burst',
  star12: 'burst',
  star16: 'burst',
  star24: 'burst',
  star32: 'burst',
  irregularSeal1: 'burst',
  irregularSeal2: 'burst',
  plus: 'cross',
  mathPlus: 'cross',
  rightArrow: 'arrow-right',
  leftArrow: 'arrow-left',
  upArrow: 'arrow-up',
  downArrow: 'arrow-down',
  leftRightArrow: 'arrow-both',
  homePlate: 'signpost',
  chevron: 'chevron',
  heart: 'heart',
  cloud: 'cloud',
  wedgeRectCallout: 'speech',
  wedgeRoundRectCallout: 'speech',
  wedgeEllipseCallout: 'speech',
  teardrop: 'drop',
  moon: 'moon',
  donut: 'ring',
  wave: 'wave',
  round1Rect: 'rectangle',
  round2SameRect: 'round-rectangle',
  round2DiagRect: 'round-rectangle',
};

/** Presets that are drawn otherwise than the shape of ours that they come nearest to. */
const isExact = (preset: string) => Object.values(same).includes(preset) || preset === 'roundRect';

/** The shape of some properties, and whether it is only the nearest one. */
export interface FoundShape {
  readonly shape: ShapeName;
  readonly isNearest: boolean;
  /** The outline of what is none of ours, in slide units; `null` for one that is, or that is not read. */
  readonly outline: readonly PathStep[] | null;
  /** Whether it has no inside. */
  readonly isOpen: boolean;
}

const exactly = (shape: ShapeName): FoundShape => ({ shape, isNearest: false, outline: null, isOpen: false });

/** Which shape some properties have. @param size of what has it, in slide units */
export function readGeometry(properties: XmlElement | null, size: Size): FoundShape {
  const preset = childAt(properties, 'a:prstGeom');
  if (preset) return readPreset(preset, size);
  const paths = childrenOf(childAt(properties, 'a:custGeom', 'a:pathLst'), 'a:path');
  const [first] = paths;
  if (!first) return exactly('sharp-rectangle');
  const found = paths.length === 1 ? knownOutline(first) : null;
  if (found) return exactly(found);
  const steps = paths.map((path) => outlineOf(path, size));
  const outline = steps.every((each) => each !== null) ? steps.flat() : null;
  const isOpen = paths.every(({ attributes }) => attributes['fill'] === 'none');
  return { shape: 'sharp-rectangle', isNearest: outline === null, outline, isOpen };
}

/** The steps of an outline; `null` where it goes by formulas, which are not worked out here. */
function outlineOf(path: XmlElement, size: Size): readonly PathStep[] | null {
  const [w, h] = [Number(path.attributes['w'] ?? 0), Number(path.attributes['h'] ?? 0)];
  const scale = { x: w > 0 ? size.width / w : 1 / EMU, y: h > 0 ? size.height / h : 1 / EMU };
  let at = { x: 0, y: 0 };
  const unread: XmlElement[] = [];
  const steps = childrenOf(path).flatMap((step): readonly PathStep[] => {
    const points = childrenOf(step, 'a:pt').map(({ attributes }) => ({
      x: Number(attributes['x']) * scale.x,
      y: Number(attributes['y']) * scale.y,
    }));
    if (points.some(({ x, y }) => !Number.isFinite(x) || !Number.isFinite(y))) unread.push(step);
    const [first, second, third] = points;
    const from = at;
    at = points.at(-1) ?? at;
    switch (step.name) {
      case 'a:moveTo':
        return first ? [{ is: 'move', to: first }] : [];
      case 'a:lnTo':
        return first ? [{ is: 'line', to: first }] : [];
      case 'a:cubicBezTo':
        return first && second && third ? [{ is: 'curve', first, second, to: third }] : [];
      case 'a:quadBezTo':
        return first && second
          ? pathSteps(`M${from.x} ${from.y}Q${first.x} ${first.y} ${second.x} ${second.y}`).slice(1)
          : [];
      case 'a:close':
        return [{ is: 'close' }];
      case 'a:arcTo': {
        const arc = arcSteps(step, from, scale);
        if (arc === null) unread.push(step);
        const last = arc?.at(-1);
        if (last && last.is !== 'close') at = last.to;
        return arc ?? [];
      }
      default:
        unread.push(step);
        return [];
    }
  });
  return unread.length === 0 ? steps : null;
}

/** An arc that begins where the pen is (20.1.9.1): by its radii, and the angles at which it begins and how far it goes. */
function arcSteps(
  step: XmlElement,
  from: { readonly x: number; readonly y: number },
  scale: { readonly x: number; readonly y: number },
): readonly PathStep[] | null {
  const { wR, hR, stAng, swAng } = step.attributes;
  const [rx, ry] = [Number(wR) * scale.x, Number(hR) * scale.y];
  const [begin, sweep] = [(Number(stAng) / 60_000 / 180) * Math.PI, (Number(swAng) / 60_000 / 180) * Math.PI];
  if (![rx, ry, begin, sweep].every(Number.isFinite)) return null;
  const on = (angle: number) => ({ x: rx * Math.cos(angle), y: ry * Math.sin(angle) });
  const start = on(begin);
  const middle = { x: from.x - start.x, y: from.y - start.y };
  // A full circle has no one arc: two halves.
  const halves = Math.abs(sweep) > Math.PI ? 2 : 1;
  const path = Array.from({ length: halves }, (_none, half) => {
    const { x, y } = on(begin + (sweep * (half + 1)) / halves);
    return `A${rx} ${ry} 0 0 ${sweep > 0 ? 1 : 0} ${middle.x + x} ${middle.y + y}`;
  }).join('');
  return pathSteps(`M${from.x} ${from.y}${path}`).slice(1);
}

function readPreset(preset: XmlElement, size: Size): FoundShape {
  const name = preset.attributes['prst'] ?? 'rect';
  if (name === 'roundRect') {
    const written = childAt(preset, 'a:avLst', 'a:gd')?.attributes['fmla'] ?? 'val 16667';
    const part = Number(written.replace(/^val\s+/, '')) / ROUND.whole;
    const radius = part * Math.min(size.width, size.height);
    if (part > 0.4) return exactly('pill');
    if (Math.abs(radius - CORNER) < 1) return exactly('rectangle');
    return exactly(part > 0.2 || radius > 2 * CORNER ? 'round-rectangle' : 'rectangle');
  }
  const shape = ours[name];
  return { ...exactly(shape ?? 'sharp-rectangle'), isNearest: shape === undefined || !isExact(name) };
}

/** Which of our shapes an outline is; `null` for none of them. */
function knownOutline(path: XmlElement): ShapeName | null {
  const [width, height] = [Number(path.attributes['w']) / EMU, Number(path.attributes['h']) / EMU];
  if (!(width > 0 && height > 0)) return null;
  const written = childrenOf(path).flatMap((step) => [
    step.name,
    ...childrenOf(step, 'a:pt').flatMap(({ attributes }) => [Number(attributes['x']), Number(attributes['y'])]),
  ]);
  return (
    shapeNames.find((shape) => {
      const own = childrenOfWritten(writeOutline(pathSteps(shapePath(shape, width, height)), { width, height }, true));
      return (
        own.length === written.length &&
        own.every((each, at) => {
          const other = written[at];
          // Outlines are written in hundredths of slide units.
          return typeof each === 'number' && typeof other === 'number' ? Math.abs(each - other) < 200 : each === other;
        })
      );
    }) ?? null
  );
}

function childrenOfWritten(geometry: Written): readonly (string | number)[] {
  const list = geometry.children.at(-1);
  const path = typeof list === 'object' ? list.children[0] : undefined;
  if (typeof path !== 'object') return [];
  return path.children.flatMap((step) =>
    typeof step === 'string'
      ? []
      : [
          step.name,
          ...step.children.flatMap((point) =>
            typeof point === 'string' ? [] : [Number(point.attributes['x']), Number(point.attributes['y'])],
          ),
        ],
  );
}
