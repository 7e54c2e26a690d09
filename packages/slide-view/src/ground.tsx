/** Draws the ground of a slide: its colour, what that runs into, and the picture on it. */
import { type GroundPicture, PAPER, type Slide } from '@gobrel/core/deck';
import { paint } from './paint.js';
import { useSurroundings } from './surroundings.js';

/** A slide's ground as a CSS background. */
export function groundOf({ background, wash }: Slide): string {
  return wash ? `linear-gradient(${wash.angle}deg, ${paint(background)}, ${paint(wash.to)})` : paint(background);
}

/** Whether a slide has a ground that is not the theme's. */
export function hasOwnGround({ background, wash, groundPicture }: Slide): boolean {
  return background !== PAPER || wash !== null || groundPicture !== null;
}

/** A tile is this wide, in slide units. */
const TILE = 240;

const layings = {
  fit: { backgroundSize: 'contain', backgroundRepeat: 'no-repeat' },
  fill: { backgroundSize: 'cover', backgroundRepeat: 'no-repeat' },
  tile: { backgroundSize: `${TILE}px auto`, backgroundRepeat: 'repeat' },
} as const;

/** The picture on a slide's ground: decoration, under everything else. */
export function GroundPictureView({ ground: { picture, moving, lay, faded } }: { ground: GroundPicture }) {
  const { pictureUrl, stillUrl } = useSurroundings();
  const address = moving ? stillUrl(picture) : pictureUrl(picture);
  return (
    <div
      aria-hidden="true"
      className="gv-ground-picture"
      style={{ backgroundImage: `url("${address}")`, opacity: 1 - faded, ...layings[lay] }}
    />
  );
}
