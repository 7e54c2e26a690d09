/** Drawing pictures as SVG: a ground, and shapes over one another from back to front. */

/** Size of every picture, in pixels. */
export const SIZE = { width: 960, height: 720 } as const;

/** A picture of one ground, or of bands of colour from top to bottom, with shapes on it. */
export function picture(bands: readonly string[], ...shapes: readonly string[]): string {
  const height = SIZE.height / bands.length;
  const ground = bands.map((colour, at) => rect(0, at * height, SIZE.width, height + 1, colour));
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${SIZE.width} ${SIZE.height}">${[...ground, ...shapes].join('')}</svg>`;
}

/** A rectangle. */
export function rect(x: number, y: number, width: number, height: number, colour: string, round = 0): string {
  return `<rect x="${x}" y="${y}" width="${width}" height="${height}" rx="${round}" fill="${colour}"/>`;
}

/** A disc, or an oval when a second radius is given. */
export function disc(x: number, y: number, radius: number, colour: string, across = radius): string {
  return `<ellipse cx="${x}" cy="${y}" rx="${radius}" ry="${across}" fill="${colour}"/>`;
}

/** A filled outline. @param course path data */
export function shape(course: string, colour: string): string {
  return `<path d="${course}" fill="${colour}"/>`;
}

/** A stroke with round ends. @param course path data */
export function stroke(course: string, colour: string, width: number): string {
  return `<path d="${course}" fill="none" stroke="${colour}" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round"/>`;
}

/** The same shapes elsewhere: turned about the origin in degrees, scaled, then moved. */
export function placed(x: number, y: number, shapes: readonly string[], { turn = 0, scale = 1 } = {}): string {
  return `<g transform="translate(${x} ${y}) rotate(${turn}) scale(${scale})">${shapes.join('')}</g>`;
}

/** So many of something, made by where it is in the row. */
export function row(count: number, make: (at: number) => string): string {
  return Array.from({ length: count }, (_, at) => make(at)).join('');
}

/** A picture of the library: what it shows, the words it is found by, and its SVG. */
export interface LibraryDrawing {
  readonly shows: string;
  readonly tags: readonly string[];
  readonly svg: string;
}

/** A picture of any size, with nothing behind its shapes: for what is laid over or beside others. */
export function sheet(width: number, height: number, ...shapes: readonly string[]): string {
  return `<svg xmlns="http://www.w3.org/2000/svg" viewBox="0 0 ${width} ${height}">${shapes.join('')}</svg>`;
}

/** A filled outline with a line around it. @param course path data */
export function drawn(course: string, colour: string, line: string, width: number): string {
  return `<path d="${course}" fill="${colour}" stroke="${line}" stroke-width="${width}" stroke-linecap="round" stroke-linejoin="round"/>`;
}

/** A ground whose colour runs from top to bottom. */
export function ground(width: number, height: number, from: string, to: string): string {
  return `<defs><linearGradient id="g" x2="0" y2="1"><stop stop-color="${from}"/><stop offset="1" stop-color="${to}"/></linearGradient></defs><rect width="${width}" height="${height}" fill="url(#g)"/>`;
}

/** Numbers from 0 to 1 that look like chance and are the same each time, so that a picture is. */
export function chances(seed: number): () => number {
  let state = seed;
  return () => {
    state = (state * 1_664_525 + 1_013_904_223) % 4_294_967_296;
    return state / 4_294_967_296;
  };
}
