/** Draws a picture: the part of it that is shown, cut to its shape, with its border. */
import { type PictureItem, pictureBehind, shapePath } from '@gobrel/core/deck';
import { useSurroundings } from '../surroundings.js';
import type { ItemProps } from './item-props.js';
import { outlineStroke } from './outline-stroke.js';

export function PictureView({ item }: ItemProps<PictureItem>) {
  const { pictureUrl, stillUrl } = useSurroundings();
  const { width, height } = item.frame;
  if (item.picture === '') return <div className="gv-no-picture" />;
  const behind = pictureBehind(item.crop, item.frame);
  const flips = [item.flippedAcross ? 'scaleX(-1)' : '', item.flippedDown ? 'scaleY(-1)' : ''].filter(Boolean);
  const cut = item.shape === 'sharp-rectangle' ? undefined : `path('${shapePath(item.shape, width, height)}')`;
  const weight = Math.min(item.outlineWidth, width / 2, height / 2);
  return (
    <>
      <div className="gv-cut" style={{ clipPath: cut, opacity: item.opacity, transform: flips.join(' ') || undefined }}>
        <picture>
          {item.moving ? <source media="(prefers-reduced-motion: reduce)" srcSet={stillUrl(item.picture)} /> : null}
          <img
            className="gv-picture"
            src={pictureUrl(item.picture)}
            alt={item.alt}
            draggable={false}
            style={{ left: behind.x, top: behind.y, width: behind.width, height: behind.height }}
          />
        </picture>
      </div>
      {item.says === '' ? null : <span className="gv-spoken">{item.says}</span>}
      {weight > 0 ? (
        <svg className="gv-outline" width={width} height={height} viewBox={`0 0 ${width} ${height}`} aria-hidden="true">
          <path
            d={shapePath(item.shape, width - weight, height - weight)}
            transform={`translate(${weight / 2} ${weight / 2})`}
            fill="none"
            {...outlineStroke(item, weight)}
          />
        </svg>
      ) : null}
    </>
  );
}
