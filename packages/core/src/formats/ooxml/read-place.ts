/** Where shapes are, whatever groups they stand in. */
import { type Frame, normaliseAngle, turnPoint } from '../../geometry/index.js';
import { childAt, type XmlElement } from '../xml/index.js';
import { ANGLE, EMU } from './names.js';
import { isTrue } from './read-text.js';

/** A place on a slide, in slide units, and whether what is there is mirrored. */
export interface FoundPlace {
  readonly frame: Frame;
  readonly flippedAcross: boolean;
  readonly flippedDown: boolean;
}

/** From the units within a group to those of the slide. */
export type Placing = (place: FoundPlace) => FoundPlace;

/** What stands in no group is where it says. */
export const onSlide: Placing = (place) => place;

/** The place that a transform says; `null` where it says none. */
export function readPlace(transform: XmlElement | null): FoundPlace | null {
  const box = boxOf(transform, 'a:off', 'a:ext');
  if (!transform || !box) return null;
  const { attributes } = transform;
  return {
    frame: { ...box, rotation: normaliseAngle(Number(attributes['rot'] ?? 0) / ANGLE) },
    flippedAcross: isTrue(attributes['flipH']),
    flippedDown: isTrue(attributes['flipV']),
  };
}

function boxOf(transform: XmlElement | null, from: string, size: string) {
  const [off, ext] = [childAt(transform, from)?.attributes, childAt(transform, size)?.attributes];
  if (!off || !ext) return null;
  const [x, y] = [Number(off['x']) / EMU, Number(off['y']) / EMU];
  const [width, height] = [Number(ext['cx']) / EMU, Number(ext['cy']) / EMU];
  return [x, y, width, height].every(Number.isFinite) ? { x, y, width, height } : null;
}

/** How what is in a group is placed, within groups around it. */
export function placingIn(group: XmlElement | null, around: Placing): Placing {
  const outer = readPlace(group);
  const inner = boxOf(group, 'a:chOff', 'a:chExt');
  if (!outer || !inner) return around;
  const scale = {
    x: inner.width > 0 ? outer.frame.width / inner.width : 1,
    y: inner.height > 0 ? outer.frame.height / inner.height : 1,
  };
  return ({ frame, flippedAcross, flippedDown }) => {
    const turned = frame.rotation % 180 > 45 && frame.rotation % 180 < 135;
    const [sx, sy] = turned ? [scale.y, scale.x] : [scale.x, scale.y];
    const middle = {
      x: outer.frame.x + (frame.x + frame.width / 2 - inner.x) * scale.x,
      y: outer.frame.y + (frame.y + frame.height / 2 - inner.y) * scale.y,
    };
    const centre = { x: outer.frame.x + outer.frame.width / 2, y: outer.frame.y + outer.frame.height / 2 };
    const mirrored = {
      x: outer.flippedAcross ? 2 * centre.x - middle.x : middle.x,
      y: outer.flippedDown ? 2 * centre.y - middle.y : middle.y,
    };
    const at = turnPoint(mirrored, centre, outer.frame.rotation);
    const [width, height] = [frame.width * sx, frame.height * sy];
    const isMirrored = outer.flippedAcross !== outer.flippedDown;
    return around({
      frame: {
        x: at.x - width / 2,
        y: at.y - height / 2,
        width,
        height,
        rotation: normaliseAngle((isMirrored ? -frame.rotation : frame.rotation) + outer.frame.rotation),
      },
      flippedAcross: flippedAcross !== outer.flippedAcross,
      flippedDown: flippedDown !== outer.flippedDown,
    });
  };
}
