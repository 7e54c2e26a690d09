/** Writes XML 1.0. */
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

/** A document of an element. @param isLaidOut whether elements that hold no words have a line each, for people who read them */
export function writeXml(root: Written, isLaidOut = true): string {
  const parts = ['<?xml version="1.0" encoding="UTF-8"?>\n'];
  writeElement(root, isLaidOut ? '\n' : '', parts);
  parts.push('\n');
  return parts.join('');
}

/** @param line what begins a new line at this depth; '' for documents in one line */
function writeElement({ name, attributes, children }: Written, line: string, parts: string[]): void {
  parts.push('<', name);
  for (const [key, value] of Object.entries(attributes))
    if (value !== undefined)
      parts.push(' ', key, '="', typeof value === 'number' ? String(value) : escaped(value), '"');
  if (children.length === 0) {
    parts.push('/>');
    return;
  }
  parts.push('>');
  const inner = line === '' || children.some((child) => typeof child === 'string') ? '' : `${line}  `;
  for (const child of children) {
    parts.push(inner);
    if (typeof child === 'string') parts.push(escaped(child));
    else writeElement(child, inner, parts);
  }
  parts.push(inner === '' ? '' : line, '</', name, '>');
}

const signs: Readonly<Record<string, string>> = {
  '&': '&amp;',
  '<': '&lt;',
  '>': '&gt;',
  '"': '&quot;',
  '\n': '&#10;',
  '\t': '&#9;',
};

/** Words or a value, in which nothing is a sign of XML; line ends and tabs too, which readers make spaces of in values. */
function escaped(text: string): string {
  const plain = writable(text);
  return /[&<>"\n\t]/.test(plain) ? plain.replaceAll(/[&<>"\n\t]/g, (sign) => signs[sign] ?? sign) : plain;
}
