/** How wide a slide may be drawn so that it fits into the element around it. */
import type { SlideSize } from '@gobrel/core/deck';
import type { RefCallback } from 'react';
import { type Room, useRoom } from './use-room.js';

/**
 * A ref for the surrounding element, and the largest width in CSS pixels at which a slide fits inside it.
 * The width is 0 until the element was measured.
 */
export function useFittedWidth<E extends HTMLElement>(size: SlideSize): [RefCallback<E>, number] {
  const [element, room] = useRoom<E>();
  return [element, fittedWidth(size, room)];
}

/** The largest width in CSS pixels at which a slide fits into some room. */
export function fittedWidth(size: SlideSize, { width, height }: Room): number {
  return Math.floor(Math.min(width, (height * size.width) / size.height));
}
