/** XML, read with care and written. */
export {
  allWithin,
  childAt,
  childrenOf,
  type NameOf,
  readXmlTree,
  within,
  wordsIn,
  type XmlBounds,
  type XmlElement,
  type XmlRead,
} from './read-xml.js';
export { write, writeXml, type Written } from './write-xml.js';
