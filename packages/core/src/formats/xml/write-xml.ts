/** Writes XML. */
import { XMLBuilder } from 'fast-xml-parser';
import { writable } from './read-xml.js';

/** An element to be written. */
export interface Written {
  readonly name: string;
  /** What is `undefined` is not written. */
  readonly attributes: Readonly<Record<string, string | number | undefined>>;
  readonly children: readonly (Written | string)[];
}

/** An element to be written. */
export function write(name: string, attributes: Written['attributes'] = {}, ...children: Written['children']): Written {
  return { name, attributes, children };
}

/** A document of an element. @param isLaidOut whether each element has a line, which only where words never stand beside elements says the same */
export function writeXml(root: Written, isLaidOut = true): string {
  const builder = new XMLBuilder({
    preserveOrder: true,
    ignoreAttributes: false,
    attributeNamePrefix: '',
    format: isLaidOut,
    suppressEmptyNode: true,
  });
  const built: unknown = builder.build([toNode(root)]);
  return `<?xml version="1.0" encoding="UTF-8"?>\n${String(built).trim()}\n`;
}

function toNode({ name, attributes, children }: Written): object {
  const texts = children.map((child) => (typeof child === 'string' ? { '#text': writable(child) } : toNode(child)));
  const written = Object.fromEntries(
    Object.entries(attributes).flatMap(([key, value]) => (value === undefined ? [] : [[key, writable(String(value))]])),
  );
  return { [name]: texts, ':@': written };
}
