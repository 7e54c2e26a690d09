/** Draws a sign with its lines, or a sticker with its picture, as large as its frame allows. */
import type { SignItem } from '@gobrel/core/deck';
import { paint } from '../paint.js';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';

export function SignView({ item }: ItemProps<SignItem>) {
  const { stickerUrl } = useSurroundings();
  if (item.sticker !== '')
    return <img className="gv-sign" src={stickerUrl(item.sticker)} alt={item.shows} draggable={false} />;
  return (
    <svg className="gv-sign" viewBox="0 0 24 24" role="img" aria-label={item.shows}>
      {item.strokes.map((stroke) => (
        <path
          key={stroke}
          d={stroke}
          fill="none"
          stroke={paint(item.color)}
          strokeWidth={item.weight}
          strokeLinecap="round"
          strokeLinejoin="round"
        />
      ))}
    </svg>
  );
}
