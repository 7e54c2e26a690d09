/** A piece as it is drawn, by itself, in a box of a given size. */
import type { Piece, Theme } from '@gobrel/core/deck';
import { frameStyle } from './item-frame.js';
import { ItemContent } from './items/index.js';
import { SlideTheme } from './slide-theme.js';
import { themeClasses, themeStyle } from './theme-style.js';

interface PiecePictureProps {
  readonly piece: Piece;
  readonly theme: Theme;
  /** The box that it fits into, in CSS pixels. */
  readonly width: number;
  readonly height: number;
}

export function PiecePicture({ piece, theme, width, height }: PiecePictureProps) {
  const { frame, items } = piece;
  const scale = Math.min(width / frame.width, height / frame.height);
  return (
    <span
      aria-hidden="true"
      className="gv-slide"
      style={{ display: 'block', width: frame.width * scale, height: frame.height * scale }}
      inert
    >
      <span
        className={themeClasses(theme, 'blank')}
        style={{
          width: frame.width,
          height: frame.height,
          ...themeStyle(theme, 'blank'),
          transform: `scale(${scale})`,
        }}
      >
        <SlideTheme.Provider value={theme}>
          {items.map((item) => (
            <span
              key={item.id}
              className="gv-item"
              style={frameStyle({ ...item.frame, x: item.frame.x - frame.x, y: item.frame.y - frame.y })}
            >
              <ItemContent item={item} />
            </span>
          ))}
        </SlideTheme.Provider>
      </span>
    </span>
  );
}
