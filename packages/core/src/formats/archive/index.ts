/** Zips, as many formats are kept in. */
export { decodeText } from './decode-text.js';
export { type ArchiveBounds, isArchive, pathIn, unpack, type Unpacked } from './unpack.js';
