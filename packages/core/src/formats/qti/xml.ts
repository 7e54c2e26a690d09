/** XML of questions, whose names come out alike whichever version of the format they are written in. */
import { readXmlTree, type XmlRead } from '../xml/index.js';

/** The largest document that is read, in letters, and the deepest. */
const BOUNDS = { letters: 2_000_000, depth: 60 };

/** Reads a document; names of the second version come out like those of the third, in lower case with hyphens, without prefix. */
export function readXml(text: string): XmlRead {
  return readXmlTree(text, plainName, BOUNDS);
}

/** `qti:choiceInteraction` and `qti-choice-interaction` are both `choice-interaction`. */
function plainName(name: string): string {
  return name
    .replace(/^.*:/, '')
    .replace(/([a-z\d])([A-Z])/g, '$1-$2')
    .toLowerCase()
    .replace(/^qti-/, '');
}
