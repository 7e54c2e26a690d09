/** Draws a sign with its lines, or a sticker with its picture, as large as its frame allows. */
import type { SignItem } from '@gobrel/core/deck';
import { paint } from '../paint.js';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';

export function SignView({ item }: ItemProps<SignItem>) {
  const { stickerUrl } = useSurroundings();
  if (item.sticker !== '')
    return <img className="gv-sign" src={stickerUrl(item.sticker)} alt={item.shows} draggable={false} />;
  return <SignLines strokes={item.strokes} color={paint(item.color)} weight={item.weight} label={item.shows} />;
}

interface SignLinesProps {
  /** Path data, within 24 by 24. */
  readonly strokes: readonly string[];
  readonly color?: string;
  readonly weight?: number;
  readonly label: string;
}

/** The lines of a sign, as large as there is room. */
export function SignLines({ strokes, color = 'currentColor', weight = 2, label }: SignLinesProps) {
  return (
    <svg className="gv-sign" viewBox="0 0 24 24" role="img" aria-label={label}>
      {strokes.map((stroke) => (
        <path
          key={stroke}
          d={stroke}
          fill="none"
          stroke={color}
          strokeWidth={weight}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </svg>
  );
}
