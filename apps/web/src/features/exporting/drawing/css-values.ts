/** Reads computed CSS values, as browsers write them. */
import type { Colour } from '@gobrel/core/paper';

/** A computed colour: `rgb(…)`, `rgba(…)` or `color(srgb …)`. What is none is not seen. */
export function readColour(value: string): Colour {
  const parts = (value.match(/[\d.e+-]+%?/g) ?? []).map((part) =>
    part.endsWith('%') ? parseFloat(part) / 100 : Number(part),
  );
  const [red = 0, green = 0, blue = 0, seen = 1] = parts;
  if (value.startsWith('rgb')) return [Math.round(red), Math.round(green), Math.round(blue), seen];
  if (value.startsWith('color(srgb')) return [inByte(red), inByte(green), inByte(blue), seen];
  return [0, 0, 0, 0];
}

function inByte(share: number): number {
  return Math.round(Math.min(1, Math.max(0, share)) * 255);
}

/** A length in pixels; 0 for none. */
export function readLength(value: string): number {
  return parseFloat(value) || 0;
}

/** What stands between commas that are in no brackets. */
export function splitList(value: string): readonly string[] {
  const parts: string[] = [];
  let [depth, from] = [0, 0];
  for (let at = 0; at < value.length; at += 1) {
    if (value[at] === '(') depth += 1;
    else if (value[at] === ')') depth -= 1;
    else if (value[at] === ',' && depth === 0) {
      parts.push(value.slice(from, at).trim());
      from = at + 1;
    }
  }
  const last = value.slice(from).trim();
  return last === '' ? parts : [...parts, last];
}

/** A stop of a gradient; `at` is a share of its line, `null` where the browser spreads it. */
interface Stop {
  readonly colour: Colour;
  readonly at: number | null;
}

/** A computed `linear-gradient(…)`: its angle in degrees, from up and to the right, and its stops; `null` for anything else. */
export function readGradient(value: string): { readonly angle: number; readonly stops: readonly Stop[] } | null {
  const inner = /^linear-gradient\((.*)\)$/s.exec(value.trim())?.[1];
  if (inner === undefined) return null;
  const parts = splitList(inner);
  const turned = /^(-?[\d.]+)deg$/.exec(parts[0] ?? '')?.[1];
  const stops = turned === undefined && !(parts[0] ?? '').startsWith('to ') ? parts : parts.slice(1);
  return {
    angle: turned === undefined ? 180 : Number(turned),
    stops: stops.map((stop) => {
      const at = /\s(-?[\d.]+)%$/.exec(stop)?.[1];
      return { colour: readColour(stop.replace(/\s-?[\d.]+%$/, '')), at: at === undefined ? null : Number(at) / 100 };
    }),
  };
}

/** What an address in `url("…")` says; `null` where there is none. */
export function readUrl(value: string): string | null {
  return /url\("((?:[^"\\]|\\.)*)"\)/.exec(value)?.[1]?.replaceAll(/\\(.)/g, '$1') ?? null;
}
