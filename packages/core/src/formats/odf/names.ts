/** Names and measures of OpenDocument (ODF 1.3, OASIS). */
import type { NameOf } from '../xml/index.js';

const ODF = 'urn:oasis:names:tc:opendocument:xmlns:';

/** The namespaces that are used, by their usual prefixes. */
export const namespaces: Readonly<Record<string, string>> = {
  office: `${ODF}office:1.0`,
  style: `${ODF}style:1.0`,
  text: `${ODF}text:1.0`,
  table: `${ODF}table:1.0`,
  draw: `${ODF}drawing:1.0`,
  presentation: `${ODF}presentation:1.0`,
  svg: `${ODF}svg-compatible:1.0`,
  fo: `${ODF}xsl-fo-compatible:1.0`,
  chart: `${ODF}chart:1.0`,
  smil: `${ODF}smil-compatible:1.0`,
  anim: `${ODF}animation:1.0`,
  script: `${ODF}script:1.0`,
  meta: `${ODF}meta:1.0`,
  manifest: `${ODF}manifest:1.0`,
  xlink: 'http://www.w3.org/1999/xlink',
  dc: 'http://purl.org/dc/elements/1.1/',
};

const prefixes: Readonly<Record<string, string>> = Object.fromEntries(
  Object.entries(namespaces).map(([prefix, address]) => [address, prefix]),
);

/** Names with the usual prefixes, whatever prefixes a file has; those of other namespaces with the ones they have. */
export const odfName: NameOf = (written, declared) => {
  const [, prefix = '', local = written] = /^([^:]*):(.*)$/.exec(written) ?? [];
  if (prefix === 'xml' || written === 'xmlns' || prefix === 'xmlns') return written;
  const known = prefixes[declared.get(prefix) ?? ''];
  return known === undefined ? written : `${known}:${local}`;
};

/** The declarations of namespaces, for the first element of a document. */
export function declared(...wanted: readonly string[]): Readonly<Record<string, string>> {
  return Object.fromEntries(wanted.map((prefix) => [`xmlns:${prefix}`, namespaces[prefix] ?? '']));
}

/** Of a slide unit, in points: a slide unit is a ninety-sixth of an inch. */
const POINTS = 0.75;

/** A length in slide units, as files write it. */
export function length(units: number): string {
  return `${String(Math.round(units * POINTS * 10_000) / 10_000)}pt`;
}

/** Slide units, of what a length may be written in. */
const units: Readonly<Record<string, number>> = {
  pt: 1 / POINTS,
  px: 1,
  in: 96,
  inch: 96,
  cm: 96 / 2.54,
  mm: 96 / 25.4,
  pc: 16,
};

/** A length as it is written, in slide units; `null` where it is none. */
export function readLength(written: string | undefined): number | null {
  const [, value = '', unit = ''] = /^\s*(-?[\d.]+(?:e-?\d+)?)\s*([a-z]+)\s*$/i.exec(written ?? '') ?? [];
  const factor = units[unit.toLowerCase()];
  const size = Number(value) * (factor ?? Number.NaN);
  return value === '' || !Number.isFinite(size) ? null : size;
}

/** A part, written as a per cent; `null` where it is none. */
export function readPart(written: string | undefined): number | null {
  const [, value = ''] = /^\s*(-?[\d.]+)%\s*$/.exec(written ?? '') ?? [];
  return value === '' ? null : Number(value) / 100;
}
