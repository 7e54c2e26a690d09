/** Scenes: pictures drawn for the templates, as SVG without letters, so that they serve in every language. */

/** A picture drawn for templates. */
export interface Scene {
  /** In pixels: twice the drawing's own units, for projectors. */
  readonly width: number;
  readonly height: number;
  readonly svg: string;
}

/** A drawing as a whole SVG, by its size in its own units. */
export function drawn(across: number, down: number, body: string): Scene {
  const [width, height] = [across * 2, down * 2];
  const svg = `<svg xmlns="http://www.w3.org/2000/svg" width="${width}" height="${height}" viewBox="0 0 ${across} ${down}">${body}</svg>`;
  return { width, height, svg };
}

/** Numbers from 0 to 1 that look thrown, the same for a seed each time (the minimal standard generator of Park and Miller). */
export function thrown(seed: number): () => number {
  let state = seed;
  return () => (state = (state * 16807) % 2147483647) / 2147483647;
}

/** A value in whole units, as drawings need no finer ones. */
export const whole = (value: number) => value.toFixed(0);
