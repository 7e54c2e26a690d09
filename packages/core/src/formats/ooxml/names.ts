/** Names and measures of Office Open XML (ECMA-376), parts 1 and 4. */
import type { NameOf } from '../xml/index.js';

/** Of one slide unit, in English Metric Units: a slide unit is a ninety-sixth of an inch. */
export const EMU = 9525;
/** Of a degree, in the units of angles. */
export const ANGLE = 60_000;
/** Of a slide unit, in hundredths of a point. */
export const LETTER = 75;

const OFFICE = 'http://schemas.openxmlformats.org';

/** The namespaces that are written, by their usual prefixes. */
export const namespaces = {
  a: `${OFFICE}/drawingml/2006/main`,
  c: `${OFFICE}/drawingml/2006/chart`,
  p: `${OFFICE}/presentationml/2006/main`,
  r: `${OFFICE}/officeDocument/2006/relationships`,
} as const;

/** The namespace of the extension that holds sections and recordings: an identifier that every reader of them goes by. */
export const EXTENSION = 'http://schemas.microsoft.com/office/powerpoint/2010/main';

/** What the namespaces of the strict form and those of extensions are called here. */
const prefixes: Readonly<Record<string, string>> = {
  ...Object.fromEntries(Object.entries(namespaces).map(([prefix, address]) => [address, prefix])),
  'http://purl.oclc.org/ooxml/drawingml/main': 'a',
  'http://purl.oclc.org/ooxml/drawingml/chart': 'c',
  'http://purl.oclc.org/ooxml/presentationml/main': 'p',
  'http://purl.oclc.org/ooxml/officeDocument/relationships': 'r',
  [EXTENSION]: 'p14',
  'http://schemas.openxmlformats.org/markup-compatibility/2006': 'mc',
  // How a ready diagram looks: shapes with the parts that those of slides have.
  'http://schemas.microsoft.com/office/drawing/2008/diagram': 'p',
};

/** Names with the usual prefixes, whatever prefixes a file has; those of other namespaces without any. */
export const ooxmlName: NameOf = (written, declared) => {
  const [, prefix = '', local = written] = /^([^:]*):(.*)$/.exec(written) ?? [];
  // What has no prefix is an attribute of its element, or an element of the namespace that needs none.
  const address = declared.get(prefix);
  const known = address === undefined ? undefined : prefixes[address];
  if (written === 'xmlns' || prefix === 'xmlns') return written;
  return known === undefined ? local : `${known}:${local}`;
};
