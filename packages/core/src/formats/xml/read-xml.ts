/** XML as a tree, read without entities and document types, in which strangers could hide anything. */
import { XMLParser, XMLValidator } from 'fast-xml-parser';
import { readFields, storableText } from '../../deck/index.js';
import type { XmlFault } from '../loss.js';

/** An element, and the words in it. */
export interface XmlElement {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly children: readonly (XmlElement | string)[];
}

/** What was read, or why nothing was. */
export type XmlRead = { readonly root: XmlElement } | { readonly fault: XmlFault };

/** What names come out as: from how they are written, and the namespaces by the prefixes that stand for them there. */
export type NameOf = (written: string, namespaces: ReadonlyMap<string, string>) => string;

/** Up to where a document is read: in letters, and how deep elements may stand within one another. */
export interface XmlBounds {
  readonly letters: number;
  readonly depth: number;
}

const CDATA = '#cdata';
const NONE: ReadonlyMap<string, string> = new Map();

/** Reads a document. Linear. */
export function readXmlTree(text: string, nameOf: NameOf, bounds: XmlBounds): XmlRead {
  if (text.length > bounds.letters) return { fault: 'too-large' };
  if (/<!(?:DOCTYPE|ENTITY)/i.test(text)) return { fault: 'entities' };
  try {
    if (XMLValidator.validate(text) !== true) return { fault: 'broken' };
    const parser = new XMLParser({
      preserveOrder: true,
      ignoreAttributes: false,
      attributeNamePrefix: '',
      trimValues: false,
      parseTagValue: false,
      parseAttributeValue: false,
      // Written apart, so that what is no reference there stays as it is.
      cdataPropName: CDATA,
      // Decoded below, each once: a reference that was written as text stays text.
      processEntities: false,
      ignoreDeclaration: true,
      ignorePiTags: true,
    });
    const reader = new TreeReader(nameOf, bounds.depth);
    const root = reader
      .read(parser.parse(text) as unknown, 0, NONE)
      .find((each): each is XmlElement => typeof each !== 'string');
    return root ? { root } : { fault: 'empty' };
  } catch (error) {
    return { fault: error instanceof RangeError ? 'too-deep' : 'broken' };
  }
}

class TreeReader {
  constructor(
    private readonly nameOf: NameOf,
    private readonly deepest: number,
  ) {}

  read(nodes: unknown, depth: number, around: ReadonlyMap<string, string>): (XmlElement | string)[] {
    if (depth > this.deepest) throw new RangeError('nested too deeply');
    return (Array.isArray(nodes) ? nodes : []).flatMap((node: unknown): (XmlElement | string)[] => {
      const fields = readFields(node);
      if (!fields) return [];
      const text = fields['#text'];
      if (text !== undefined) return [decoded(String(text))];
      const own = Object.keys(fields).find((name) => name !== ':@');
      if (own === undefined) return [];
      if (own === CDATA) return [rawText(fields[own])];
      const written = Object.entries(readFields(fields[':@']) ?? {});
      const namespaces = withDeclared(around, written);
      return [
        {
          name: this.nameOf(own, namespaces),
          attributes: Object.fromEntries(
            written.map(([name, value]) => [this.nameOf(name, namespaces), decoded(String(value))]),
          ),
          children: this.read(fields[own], depth + 1, namespaces),
        },
      ];
    });
  }
}

/** The namespaces that hold within an element. */
function withDeclared(
  around: ReadonlyMap<string, string>,
  attributes: readonly (readonly [string, unknown])[],
): ReadonlyMap<string, string> {
  const declared = attributes.filter(([name]) => name === 'xmlns' || name.startsWith('xmlns:'));
  if (declared.length === 0) return around;
  return new Map([...around, ...declared.map(([name, value]) => [name.slice(6), String(value)] as const)]);
}

/** The text of a section that holds no markup. */
function rawText(nodes: unknown): string {
  return (Array.isArray(nodes) ? nodes : [])
    .map((node: unknown) =>
      typeof node === 'object' && node !== null && '#text' in node ? storableText(String(node['#text'])) : '',
    )
    .join('');
}

/** The names that XML gives to signs, and the one that many writers borrow from HTML. */
const named: Readonly<Record<string, string>> = { amp: '&', lt: '<', gt: '>', quot: '"', apos: "'", nbsp: '\u00a0' };

/** Text with its references put in, by name or by number; those that name nothing stay as they were written. */
function decoded(text: string): string {
  if (!text.includes('&')) return writable(storableText(text));
  const put = text.replace(/&(?:#(\d{1,7})|#x([\da-f]{1,6})|([a-z]+));/gi, (whole, decimal, hexadecimal, name) => {
    if (name !== undefined) return named[String(name)] ?? whole;
    const code = decimal !== undefined ? Number(decimal) : Number.parseInt(String(hexadecimal), 16);
    return code <= 0x10ffff ? String.fromCodePoint(code) : whole;
  });
  return writable(storableText(put));
}

/** Text without the signs that XML 1.0 cannot hold. */
export function writable(text: string): string {
  // eslint-disable-next-line no-control-regex -- these are the signs that are meant
  return text.replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, '');
}

/** The elements right in an element, of a name where one is given. */
export function childrenOf(element: XmlElement | null | undefined, name?: string): readonly XmlElement[] {
  return (element?.children ?? []).filter(
    (child): child is XmlElement => typeof child !== 'string' && (name === undefined || child.name === name),
  );
}

/** The first element found by going down a path of names; `null` where there is none. */
export function childAt(element: XmlElement | null | undefined, ...path: readonly string[]): XmlElement | null {
  let at = element ?? null;
  for (const name of path) at = childrenOf(at, name)[0] ?? null;
  return at;
}

/** All elements of a name below an element, in the order of the document. */
export function within(element: XmlElement, name: string): readonly XmlElement[] {
  return childrenOf(element).flatMap((child) => [...(child.name === name ? [child] : []), ...within(child, name)]);
}

/** Every element below an element, in the order of the document. */
export function allWithin(element: XmlElement): readonly XmlElement[] {
  return childrenOf(element).flatMap((child) => [child, ...allWithin(child)]);
}

/** The words in an element and below it. */
export function wordsIn(element: XmlElement): string {
  return element.children.map((child) => (typeof child === 'string' ? child : wordsIn(child))).join('');
}
