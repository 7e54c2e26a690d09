/** Draws a sign with its lines, or a sticker as a coloured character, as large as its frame allows. */
import type { SignItem } from '@gobrel/core/deck';
import { paint } from '../paint.js';
import type { ItemProps } from './item-props.js';

export function SignView({ item }: ItemProps<SignItem>) {
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
      {item.character === '' ? null : (
        <text x={12} y={12.5} fontSize={20} textAnchor="middle" dominantBaseline="central">
          {item.character}
        </text>
      )}
    </svg>
  );
}
