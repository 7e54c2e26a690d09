/**
 * A camera over a slide, and the way it takes from one view to another: smooth in zoom and position at once.
 * Source: J. J. van Wijk and W. A. A. Nuij, Smooth and efficient zooming and panning, IEEE InfoVis 2003, section 4,
 * equations (9) to (13). The way is the shortest for an eye that is moved as much by a pan of one screen as by a zoom
 * of some factor; `TRADE` says by how much. Turning goes along, by the shorter side.
 */
import type { Frame } from './frame.js';

/** What is looked at: the middle and the width of what is in sight, in slide units, and its turn in degrees. */
export interface Camera {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly rotation: number;
}

/** Between zooming (greater) and panning (smaller): the ρ of the paper, which found about 1.42 to please most. */
const TRADE = 1.42;
/** Nearer to one another than this, in parts of the width in sight, two middles are one. */
const SAME_PLACE = 1e-4;
/** What a stretch of the way takes, in ms, and the least and the most that a whole way takes. */
const PACE = { stretch: 620, least: 250, most: 4500 } as const;

/**
 * A camera that shows the whole of a frame, upright to it, in slide units.
 * @param aspect width of the screen over its height
 */
export function cameraOn(frame: Frame, aspect: number): Camera {
  return {
    x: frame.x + frame.width / 2,
    y: frame.y + frame.height / 2,
    width: Math.max(frame.width, frame.height * aspect),
    rotation: frame.rotation,
  };
}

/** A way from one view to another. */
interface CameraPath {
  /** How long it is, in the measure of the paper. */
  readonly length: number;
  /** How long it takes, in milliseconds; 0 when there is nothing to travel. */
  readonly duration: number;
  /** Where the camera is after a part of the way, 0 to 1. */
  readonly at: (part: number) => Camera;
}

/** The way from one view to another. */
export function cameraPath(from: Camera, to: Camera): CameraPath {
  const turn = shorterTurn(from.rotation, to.rotation);
  const way = zoomAndPan(from, to);
  // A turn on the spot takes its time too: a half one as long as a zoom by about four.
  const length = Math.max(way.length, Math.abs(turn) / 180);
  const duration = length < 1e-6 ? 0 : Math.min(PACE.most, Math.max(PACE.least, length * PACE.stretch));
  return {
    length,
    duration,
    at: (part) => {
      if (part <= 0) return from;
      if (part >= 1) return to;
      return { ...way.at(part), rotation: from.rotation + turn * part };
    },
  };
}

type Place = Omit<Camera, 'rotation'>;

function zoomAndPan(from: Place, to: Place): { readonly length: number; readonly at: (part: number) => Place } {
  const [w0, w1] = [from.width, to.width];
  const [dx, dy] = [to.x - from.x, to.y - from.y];
  const distance = Math.hypot(dx, dy);
  if (distance < SAME_PLACE * Math.min(w0, w1)) {
    const length = Math.abs(Math.log(w1 / w0)) / TRADE;
    return {
      length,
      at: (part) => ({ x: from.x + part * dx, y: from.y + part * dy, width: w0 * (w1 / w0) ** part }),
    };
  }
  const r2 = TRADE ** 2;
  const r4 = r2 ** 2;
  const b = (own: number, sign: 1 | -1) => (w1 ** 2 - w0 ** 2 + sign * r4 * distance ** 2) / (2 * own * r2 * distance);
  // r = ln(√(b² + 1) − b), written so that nothing is lost for large b.
  const r0 = -Math.asinh(b(w0, 1));
  const r1 = -Math.asinh(b(w1, -1));
  const length = (r1 - r0) / TRADE;
  return {
    length,
    at: (part) => {
      const along = TRADE * part * length + r0;
      const moved = (w0 / r2) * (Math.cosh(r0) * Math.tanh(along) - Math.sinh(r0));
      return {
        x: from.x + (moved / distance) * dx,
        y: from.y + (moved / distance) * dy,
        width: (w0 * Math.cosh(r0)) / Math.cosh(along),
      };
    },
  };
}

/** From one direction to another by the shorter side, in degrees, above -180 up to 180. */
function shorterTurn(from: number, to: number): number {
  const turn = (((to - from) % 360) + 360) % 360;
  return turn > 180 ? turn - 360 : turn;
}

/** Begins and ends a movement gently: the part of the way after a part of the time, both 0 to 1. */
export function gently(time: number): number {
  return time < 0.5 ? 2 * time ** 2 : 1 - 2 * (1 - time) ** 2;
}
