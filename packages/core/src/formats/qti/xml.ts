/** XML as a tree, read without entities and document types, in which strangers could hide anything. */
import { storableText, readFields } from '../../deck/index.js';
import type { XmlFault } from '../loss.js';
import { XMLBuilder, XMLParser, XMLValidator } from 'fast-xml-parser';

/** An element. Names are in lower case with hyphens, without prefix and without the `qti-` of the third version. */
export interface XmlElement {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string>>;
  readonly children: readonly (XmlElement | string)[];
}

/** The largest document that is read, in letters. */
const LARGEST_XML = 2_000_000;
const DEEPEST = 60;
const CDATA = '#cdata';

/** What was read, or why nothing was. */
type XmlRead = { readonly root: XmlElement } | { readonly fault: XmlFault };

/** Reads a document; names of the second version come out like those of the third. */
export function readXml(text: string): XmlRead {
  if (text.length > LARGEST_XML) return { fault: 'too-large' };
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
    const root = toElements(parser.parse(text) as unknown, 0).find(
      (each): each is XmlElement => typeof each !== 'string',
    );
    return root ? { root } : { fault: 'empty' };
  } catch (error) {
    return { fault: error instanceof RangeError ? 'too-deep' : 'broken' };
  }
}

function toElements(nodes: unknown, depth: number): (XmlElement | string)[] {
  if (depth > DEEPEST) throw new RangeError('nested too deeply');
  return (Array.isArray(nodes) ? nodes : []).flatMap((node: unknown): (XmlElement | string)[] => {
    const fields = readFields(node);
    if (!fields) return [];
    const entries = Object.entries(fields);
    const text = entries.find(([name]) => name === '#text');
    if (text) return [decoded(String(text[1]))];
    const own = entries.find(([name]) => name !== ':@');
    if (!own) return [];
    if (own[0] === CDATA) return [rawText(own[1])];
    const attributes = readFields(fields[':@']) ?? {};
    return [
      {
        name: plainName(own[0]),
        attributes: Object.fromEntries(
          Object.entries(attributes).map(([name, value]) => [plainName(name), decoded(String(value))]),
        ),
        children: toElements(own[1], depth + 1),
      },
    ];
  });
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
  const put = text.replace(/&(?:#(\d{1,7})|#x([\da-f]{1,6})|([a-z]+));/gi, (whole, decimal, hexadecimal, name) => {
    if (name !== undefined) return named[String(name)] ?? whole;
    const code = decimal !== undefined ? Number(decimal) : Number.parseInt(String(hexadecimal), 16);
    return code <= 0x10ffff ? String.fromCodePoint(code) : whole;
  });
  return writable(storableText(put));
}

/** `qti:choiceInteraction` and `qti-choice-interaction` are both `choice-interaction`. */
function plainName(name: string): string {
  return name
    .replace(/^.*:/, '')
    .replace(/([a-z\d])([A-Z])/g, '$1-$2')
    .toLowerCase()
    .replace(/^qti-/, '');
}

/** All elements of a name below an element, in the order of the document. */
export function within(element: XmlElement, name: string): readonly XmlElement[] {
  return element.children.flatMap((child) =>
    typeof child === 'string' ? [] : [...(child.name === name ? [child] : []), ...within(child, name)],
  );
}

/** Every element below an element, in the order of the document. */
export function allWithin(element: XmlElement): readonly XmlElement[] {
  return element.children.flatMap((child) => (typeof child === 'string' ? [] : [child, ...allWithin(child)]));
}

/** An element to be written. */
export interface Written {
  readonly name: string;
  readonly attributes: Readonly<Record<string, string | number>>;
  readonly children: readonly (Written | string)[];
}

/** An element to be written, under the name of the third version. */
export function write(name: string, attributes: Written['attributes'] = {}, ...children: Written['children']): Written {
  return { name, attributes, children };
}

/** A document of an element. */
export function writeXml(root: Written): string {
  const builder = new XMLBuilder({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    format: true,
    suppressEmptyNode: true,
  });
  const built: unknown = builder.build([toNode(root)]);
  return `<?xml version="1.0" encoding="UTF-8"?>\n${String(built).trim()}\n`;
}

function toNode({ name, attributes, children }: Written): object {
  const texts = children.map((child) => (typeof child === 'string' ? { '#text': writable(child) } : toNode(child)));
  const written = Object.fromEntries(Object.entries(attributes).map(([key, value]) => [key, writable(String(value))]));
  return { [name]: texts, ':@': written };
}

/** Without the signs that XML 1.0 cannot hold. */
function writable(text: string): string {
  // eslint-disable-next-line no-control-regex -- these are the signs that are meant
  return text.replace(/[\u0000-\u0008\u000b\u000c\u000e-\u001f\ufffe\uffff]/g, '');
}
