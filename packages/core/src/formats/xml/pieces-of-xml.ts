/** Pieces of XML for tests of readers. */
import { readXmlTree, type XmlElement } from './index.js';

/** The first element of some XML, with its names as they are written. */
export function decoded(xml: string): XmlElement {
  const read = readXmlTree(xml, (name) => name, { letters: 1_000_000, depth: 100 });
  if ('fault' in read) throw new Error(read.fault);
  return read.root;
}
