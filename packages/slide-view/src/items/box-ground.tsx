/** Draws a box as a theme has it: halo, hard edge below, fill, outline or seam, bar along the top. */
import { type BoxFinish, type BoxLook, colourIn, shapePath, type ShapeName, type Theme } from '@gobrel/core/deck';
import { paint } from '../paint.js';

/** What a box is drawn from; colours by name or as CSS has them, lengths in slide units. */
export interface DrawnBox extends BoxFinish {
  readonly shape: ShapeName;
  readonly fill: string;
  readonly outline: string;
  readonly weight: number;
  /** 0 (not to be seen) to 1. */
  readonly opacity: number;
}

interface BoxGroundProps {
  readonly box: DrawnBox;
  readonly width: number;
  readonly height: number;
}

/** The outline is seen twice as chalk: the line, then grain of this much of its width in the fill's colour. */
const GRAIN = { width: 0.42, opacity: 0.55, dash: '1 8 2 13 1 6 3 17' };
/** Rings of light around a box: how wide, and how much of it is seen. */
const RINGS = [
  [52, 0.1],
  [32, 0.14],
  [14, 0.2],
] as const;
/** Ribs of a paper lantern: part of its width and height, width and colour of the line. */
const RIBS = { part: 0.9, weight: 2.5, colour: '#241509', opacity: 0.16 };
/** Caps of a lantern: from where to where across, how high. */
const CAPS = { from: 0.34, to: 0.66, height: 8 };

export function BoxGround({ box, width, height }: BoxGroundProps) {
  const weight = Math.min(box.weight, width / 2, height / 2);
  // What is drawn along the edge lies within the frame by half its width, as the outline of every shape does.
  const edge = box.inset > 0 ? 0 : weight / 2;
  const room = { width: width - 2 * edge, height: height - 2 * edge - box.lift };
  const body = shapePath(box.shape, room.width, room.height, box.corner);
  const at = `translate(${edge} ${edge})`;
  return (
    <svg className="gv-outline" width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
      <g opacity={box.opacity}>
        {box.halo ? <Halo d={body} at={at} fill={paint(box.fill)} /> : null}
        {box.halo ? <Caps width={width} height={height} /> : null}
        {box.lift > 0 ? (
          <path
            d={body}
            transform={`translate(${edge} ${edge + box.lift})`}
            fill={paint(box.liftColor)}
            stroke={box.inset > 0 ? 'none' : paint(box.liftColor)}
            strokeWidth={weight}
          />
        ) : null}
        <path d={body} transform={at} fill={paint(box.fill)} {...(box.inset > 0 ? {} : strokeOf(box, weight))} />
        {box.inset > 0 ? <Seam box={box} weight={weight} width={room.width} height={room.height} /> : null}
        {box.shape === 'chalk' && weight > 0 ? (
          <path
            d={body}
            transform={at}
            fill="none"
            stroke={box.fill === 'transparent' ? 'var(--gv-ground)' : paint(box.fill)}
            strokeWidth={weight * GRAIN.width}
            strokeDasharray={GRAIN.dash}
            strokeLinecap="round"
            opacity={GRAIN.opacity}
          />
        ) : null}
        {box.shape === 'lantern' ? <Ribs width={room.width} height={room.height} at={at} /> : null}
        {box.top > 0 ? <rect width={width} height={box.top} fill={paint(box.outline)} /> : null}
      </g>
    </svg>
  );
}

/** A box of a theme, for what goes by it as it is. */
export function drawnBox(theme: Theme, look: BoxLook): DrawnBox {
  return {
    ...look,
    fill: colourIn(theme, look.fill),
    outline: colourIn(theme, look.outline),
    liftColor: colourIn(theme, look.liftColor),
    opacity: 1,
  };
}

function strokeOf({ outline, dash }: Pick<DrawnBox, 'outline' | 'dash'>, weight: number) {
  if (weight === 0 || outline === 'transparent') return { stroke: 'none' } as const;
  return {
    stroke: paint(outline),
    strokeWidth: weight,
    strokeDasharray: dash.length === 0 ? undefined : dash.join(' '),
    strokeLinejoin: 'round',
    strokeLinecap: dash.length === 0 ? 'butt' : 'round',
  } as const;
}

/** An outline within the edge, as a seam or a double edge. */
function Seam({ box, weight, width, height }: BoxGroundProps & { weight: number }) {
  const { shape, inset, corner } = box;
  if (width <= 2 * inset || height <= 2 * inset) return null;
  return (
    <path
      d={shapePath(shape, width - 2 * inset, height - 2 * inset, Math.max(0, corner - inset))}
      transform={`translate(${inset} ${inset})`}
      fill="none"
      {...strokeOf(box, weight)}
    />
  );
}

function Halo({ d, at, fill }: { d: string; at: string; fill: string }) {
  return RINGS.map(([width, opacity]) => (
    <path
      key={width}
      d={d}
      transform={at}
      fill="none"
      stroke={fill}
      strokeWidth={width}
      strokeLinejoin="round"
      opacity={opacity}
    />
  ));
}

function Caps({ width, height }: { width: number; height: number }) {
  const place = { x: CAPS.from * width, width: (CAPS.to - CAPS.from) * width, height: CAPS.height };
  return (
    <>
      <rect {...place} y={-CAPS.height / 2} rx={2} fill="var(--gv-soft)" />
      <rect {...place} y={height - CAPS.height / 2} rx={2} fill="var(--gv-soft)" />
    </>
  );
}

function Ribs({ width, height, at }: { width: number; height: number; at: string }) {
  const [across, down] = [width * RIBS.part, height];
  return (
    <path
      d={shapePath('lantern', across, down)}
      transform={`${at} translate(${(width - across) / 2} 0)`}
      fill="none"
      stroke={RIBS.colour}
      strokeWidth={RIBS.weight}
      opacity={RIBS.opacity}
    />
  );
}
