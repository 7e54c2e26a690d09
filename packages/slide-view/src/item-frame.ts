/** Where an item is drawn, as inline style. */
import type { Box, Frame } from '@gobrel/core/geometry';
import type { CSSProperties } from 'react';

/** Absolute position, size and turn of a frame, in slide units. */
export function frameStyle(frame: Frame): CSSProperties {
  return { ...boxStyle(frame), transform: frame.rotation === 0 ? undefined : `rotate(${frame.rotation}deg)` };
}

/** Absolute position and size of a box, in slide units. */
export function boxStyle(box: Box): CSSProperties {
  return { position: 'absolute', left: box.x, top: box.y, width: box.width, height: box.height };
}
