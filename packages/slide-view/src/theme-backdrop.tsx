/** Draws a theme's backdrop in the theme's colours: decoration, pale enough for words to be read on it. */
import type { BackdropName } from '@gobrel/core/deck';

interface ThemeBackdropProps {
  readonly backdrop: BackdropName;
  /** Of the slide, in slide units. */
  readonly width: number;
  readonly height: number;
}

/** Distance of dots, and of the crests of waves, in slide units. */
const STEP = { dots: 64, waves: 160 };

export function ThemeBackdrop({ backdrop, width, height }: ThemeBackdropProps) {
  if (backdrop === 'plain') return null;
  return (
    <svg className="gv-backdrop" viewBox={`0 0 ${width} ${height}`} width={width} height={height} aria-hidden="true">
      <Drawing backdrop={backdrop} width={width} height={height} />
    </svg>
  );
}

function Drawing({ backdrop, width, height }: ThemeBackdropProps) {
  switch (backdrop) {
    case 'plain':
      return null;
    case 'band':
      return <rect width={20} height={height} fill="var(--gv-accent)" />;
    case 'foot':
      return (
        <>
          <rect y={height - 12} width={width} height={12} fill="var(--gv-accent)" />
          <rect y={height - 18} width={width} height={3} fill="var(--gv-second)" />
        </>
      );
    case 'corner':
      return (
        <>
          <circle cx={width} cy={0} r={height * 0.34} fill="var(--gv-accent)" opacity={0.12} />
          <circle cx={width} cy={0} r={height * 0.2} fill="var(--gv-second)" opacity={0.14} />
        </>
      );
    case 'dots':
      return (
        <path d={dots(width, height)} stroke="var(--gv-soft)" strokeWidth={5} strokeLinecap="round" opacity={0.14} />
      );
    case 'waves':
      return (
        <>
          <path d={wave(width, height, height - 70)} fill="var(--gv-third)" opacity={0.08} />
          <path d={wave(width, height, height - 36)} fill="var(--gv-accent)" opacity={0.12} />
        </>
      );
  }
}

function dots(width: number, height: number): string {
  let path = '';
  for (let y = STEP.dots / 2; y < height; y += STEP.dots)
    for (let x = STEP.dots / 2; x < width; x += STEP.dots) path += `M${x} ${y}h0`;
  return path;
}

/** From a crest line at `top` down to the lower edge. */
function wave(width: number, height: number, top: number): string {
  let path = `M0 ${top}`;
  for (let x = 0; x < width; x += STEP.waves) path += `q${STEP.waves / 4} -28 ${STEP.waves / 2} 0t${STEP.waves / 2} 0`;
  return `${path}V${height}H0Z`;
}
