/** What is pointed at or drawn on: a picture, or paper when there is none, as large as there is room for its shape. */
import type { DrawItem, PointItem } from '@gobrel/core/deck';
import type { ComponentProps, CSSProperties } from 'react';
import { useSurroundings } from '../surroundings.js';

/** What a ground is made of. */
export type Ground = Pick<PointItem | DrawItem, 'id' | 'picture' | 'alt'> & { readonly ratio: number };

interface DrawnGroundProps extends ComponentProps<'div'> {
  readonly item: Ground;
  /** Whether somebody may point or draw here. */
  readonly open: boolean;
  /** Whether it fills all the room there is, whatever its shape. */
  readonly fills?: boolean;
}

export function DrawnGround({ item, open, fills = false, children, ...rest }: DrawnGroundProps) {
  const { pictureUrl } = useSurroundings();
  const style: CSSProperties & Record<'--ratio', number> = { '--ratio': item.ratio };
  return (
    <div className="gv-around-ground">
      <div
        className={`gv-pointed${open ? ' gv-open' : ''}${fills ? ' gv-fills' : ''}`}
        style={style}
        data-ground={item.id}
        {...rest}
      >
        {item.picture === '' ? null : (
          <img className="gv-drawn-on" src={pictureUrl(item.picture)} alt={item.alt} draggable={false} />
        )}
        {children}
      </div>
    </div>
  );
}
