/** Where something lies on a slide, and how frames move, turn, meet and contain each other. */

/** A place on a slide, in slide units (1 unit = 1 CSS px at 100 %). */
export interface Point {
  readonly x: number;
  readonly y: number;
}

/** An upright rectangle in slide units. */
export interface Box {
  readonly x: number;
  readonly y: number;
  readonly width: number;
  readonly height: number;
}

/** An item's box together with its turn about the box's centre, in degrees clockwise. */
export interface Frame extends Box {
  readonly rotation: number;
}

/** The middle of a box. */
export function centreOf(box: Box): Point {
  return { x: box.x + box.width / 2, y: box.y + box.height / 2 };
}

/** `point` turned about `centre` by `degrees` clockwise (y points down). */
export function turnPoint(point: Point, centre: Point, degrees: number): Point {
  const angle = (degrees * Math.PI) / 180;
  const cos = Math.cos(angle);
  const sin = Math.sin(angle);
  const dx = point.x - centre.x;
  const dy = point.y - centre.y;
  return { x: centre.x + dx * cos - dy * sin, y: centre.y + dx * sin + dy * cos };
}

/** The four corners as drawn, clockwise from the unturned top left. */
export function cornersOf(frame: Frame): readonly [Point, Point, Point, Point] {
  const centre = centreOf(frame);
  const right = frame.x + frame.width;
  const bottom = frame.y + frame.height;
  const corner = (x: number, y: number) => turnPoint({ x, y }, centre, frame.rotation);
  return [corner(frame.x, frame.y), corner(right, frame.y), corner(right, bottom), corner(frame.x, bottom)];
}

/** The smallest upright box around one turned frame. */
export function boundsOf(frame: Frame): Box {
  if (frame.rotation === 0) return { x: frame.x, y: frame.y, width: frame.width, height: frame.height };
  const corners = cornersOf(frame);
  const xs = corners.map((corner) => corner.x);
  const ys = corners.map((corner) => corner.y);
  const x = Math.min(...xs);
  const y = Math.min(...ys);
  return { x, y, width: Math.max(...xs) - x, height: Math.max(...ys) - y };
}

/** The smallest upright box around several frames, or `null` when there are none. */
export function boundsOfAll(frames: readonly Frame[]): Box | null {
  if (frames.length === 0) return null;
  const boxes = frames.map(boundsOf);
  const x = Math.min(...boxes.map((box) => box.x));
  const y = Math.min(...boxes.map((box) => box.y));
  const right = Math.max(...boxes.map((box) => box.x + box.width));
  const bottom = Math.max(...boxes.map((box) => box.y + box.height));
  return { x, y, width: right - x, height: bottom - y };
}

/** The frame shifted by `dx`, `dy` slide units. */
export function moveFrame<F extends Box>(frame: F, dx: number, dy: number): F {
  return { ...frame, x: frame.x + dx, y: frame.y + dy };
}

/** Whether a point lies within the frame as drawn, borders included. */
export function containsPoint(frame: Frame, point: Point): boolean {
  const unturned = turnPoint(point, centreOf(frame), -frame.rotation);
  return (
    unturned.x >= frame.x &&
    unturned.x <= frame.x + frame.width &&
    unturned.y >= frame.y &&
    unturned.y <= frame.y + frame.height
  );
}

/** Whether two upright boxes share any point. */
export function boxesMeet(a: Box, b: Box): boolean {
  return a.x <= b.x + b.width && b.x <= a.x + a.width && a.y <= b.y + b.height && b.y <= a.y + a.height;
}

/** An angle brought into 0 (included) to 360 (excluded) degrees. */
export function normaliseAngle(degrees: number): number {
  const turned = degrees % 360;
  return turned < 0 ? turned + 360 : turned + 0;
}
