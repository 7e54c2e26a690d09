/** Zips, as many formats are kept in. */
export { type ArchiveBounds, isArchive, pathIn, unpack, type Unpacked } from './unpack.js';
