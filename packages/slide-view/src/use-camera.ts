/** Moves what is drawn under a camera: along the smooth way to where it is wanted, at once where motion is not wanted. */
import { type Camera, cameraPath, gently } from '@gobrel/core/geometry';
import { type RefObject, useEffect, useLayoutEffect, useRef } from 'react';
import type { Room } from './use-room.js';

/** Whether whoever looks wants no movement. */
export function wantsNoMotion(): boolean {
  return matchMedia('(prefers-reduced-motion: reduce)').matches;
}

/**
 * A ref for an element whose own units are slide units times `scale`, and which is kept under the camera. A new aim
 * takes over wherever the camera is by then.
 * @param room the size of the window it is looked at through, in CSS pixels
 */
export function useCamera<E extends HTMLElement>(aim: Camera, scale: number, room: Room): RefObject<E | null> {
  const element = useRef<E>(null);
  const present = useRef(aim);
  const look = useRef({ scale, room });
  const { x, y, width, rotation } = aim;
  useLayoutEffect(() => {
    look.current = { scale, room };
    if (element.current) element.current.style.transform = transformFor(present.current, scale, room);
  }, [scale, room]);
  useEffect(() => {
    // The camera moves between two drawings of the page, without drawing the slide anew.
    const show = (camera: Camera) => {
      present.current = camera;
      if (element.current)
        element.current.style.transform = transformFor(camera, look.current.scale, look.current.room);
    };
    const path = cameraPath(present.current, { x, y, width, rotation });
    if (path.duration === 0 || wantsNoMotion()) return show({ x, y, width, rotation });
    const begun = performance.now();
    let frame = requestAnimationFrame(function move(now) {
      const time = (now - begun) / path.duration;
      show(path.at(gently(Math.min(1, Math.max(0, time)))));
      if (time < 1) frame = requestAnimationFrame(move);
    });
    return () => cancelAnimationFrame(frame);
  }, [x, y, width, rotation]);
  return element;
}

function transformFor({ x, y, width, rotation }: Camera, scale: number, room: Room): string {
  const zoom = room.width / (width * scale);
  const middle = `translate(${room.width / 2}px, ${room.height / 2}px)`;
  return `${middle} scale(${zoom}) rotate(${-rotation}deg) translate(${-x * scale}px, ${-y * scale}px)`;
}
