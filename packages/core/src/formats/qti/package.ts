/** A QTI content package: a manifest, an item a file, and the pictures they show, in a zip. */
import { strFromU8, strToU8, zipSync } from 'fflate';
import { isArchive, pathIn, unpack } from '../archive/index.js';
import type { Loss, NotCarried, UnwrittenPart } from '../loss.js';
import type { PlacementDraft, QuestionDraft } from '../question-draft.js';
import { readQtiItem, type ReadItem } from './read-item.js';
import { type ItemPicture, writeQtiItem } from './write-item.js';
import { within, write, type Written, writeXml, type XmlElement } from '../xml/index.js';
import { readXml } from './xml.js';

/** A picture to go into a package. */
export interface PackagePicture {
  readonly bytes: Uint8Array;
  /** Such as `image/png`. */
  readonly type: string;
  /** In its own pixels. */
  readonly width: number;
  /** In its own pixels. */
  readonly height: number;
}

/** A package as it is written, with what is not in it. */
export interface WrittenPackage {
  readonly bytes: Uint8Array;
  /** How many of the questions are in it. */
  readonly written: number;
  readonly left: readonly NotCarried[];
}

/** Puts questions into a package. @param pictures by the ids that the questions know them by */
export function writeQtiPackage(
  drafts: readonly QuestionDraft[],
  pictures: ReadonlyMap<string, PackagePicture>,
): WrittenPackage {
  const files: Record<string, Uint8Array> = {};
  const left: NotCarried[] = [];
  const resources: Written[] = [];
  drafts.forEach((draft, at) => {
    const identifier = `question-${at + 1}`;
    const shown: string[] = [];
    const pictureOf = (id: string): ItemPicture | null => {
      const picture = pictures.get(id);
      if (!picture) return null;
      const file = `pictures/${id.slice(0, 16)}.${picture.type.replace(/^.*\//, '').replace(/\+.*$/, '')}`;
      files[file] = picture.bytes;
      shown.push(file);
      return { file: `../${file}`, type: picture.type, width: picture.width, height: picture.height };
    };
    const item = writeQtiItem(draft, identifier, pictureOf);
    if ('why' in item) return left.push({ name: draft.name, why: item.why });
    const file = `items/${identifier}.xml`;
    files[file] = strToU8(item.xml);
    const parts = [file, ...shown].map((href) => write('file', { href }));
    resources.push(write('resource', { identifier, type: 'imsqti_item_xmlv3p0', href: file }, ...parts));
    const lost = lostOf(draft);
    if (lost) left.push({ name: draft.name, why: lost });
  });
  files['imsmanifest.xml'] = strToU8(writeXml(manifest(resources)));
  return { bytes: zipSync(files), written: resources.length, left };
}

/** What of a question that is written QTI items do not hold here; `null` for nothing. */
function lostOf(draft: QuestionDraft): Loss | null {
  if (draft.kind === 'placement') return lostOfPlacement(draft);
  const { hints = [], attempts = 0, feedback, asksSure = false } = draft.fields;
  const parts: readonly UnwrittenPart[] = [
    ...(hints.length > 0 ? ['hints' as const] : []),
    ...(attempts > 0 ? ['checks' as const] : []),
    ...(feedback && Object.values(feedback).some((text) => text !== '') ? ['said' as const] : []),
    ...(asksSure ? ['sureness' as const] : []),
    ...('slips' in draft.fields && (draft.fields.slips ?? 0) > 0 ? ['slips' as const] : []),
  ];
  return parts.length === 0 ? null : { code: 'written-without', parts };
}

/** Pieces in order are right as a whole elsewhere; pieces that are to be told by more than their words are not told. */
function lostOfPlacement({ zones, points }: PlacementDraft): Loss | null {
  return zones.some(({ inOrder, belongs }) => inOrder && belongs.length > 1 && points > 0)
    ? { code: 'order-in-part' }
    : null;
}

function manifest(resources: readonly Written[]): Written {
  return write(
    'manifest',
    { xmlns: 'http://www.imsglobal.org/xsd/qti/qtiv3p0/imscp_v1p1', identifier: 'questions' },
    write('metadata', {}, write('schema', {}, 'QTI Package'), write('schemaversion', {}, '3.0.0')),
    write('organizations'),
    write('resources', {}, ...resources),
  );
}

/** A package as it is read, with what could not be. */
export interface ReadPackage {
  readonly questions: readonly { readonly draft: QuestionDraft; readonly picture: Uint8Array | null }[];
  readonly left: readonly NotCarried[];
}

/** The largest package, in bytes; what is in it, unpacked, in bytes; and its most files. */
export const LARGEST_PACKAGE = 20_000_000;
const LARGEST_UNPACKED = 60_000_000;
const MOST_FILES = 2_000;
/** The most questions that are taken from one package. */
const MOST_QUESTIONS = 500;

/** Reads a package, or a single item that is not in one. Whatever is broken or hostile is told, never thrown. */
export function readQtiPackage(bytes: Uint8Array): ReadPackage {
  const nothing = (why: Loss): ReadPackage => ({ questions: [], left: [{ name: '', why }] });
  if (bytes.length > LARGEST_PACKAGE) return nothing({ code: 'package-too-large' });
  if (!isArchive(bytes)) return readLoneItem(bytes, nothing);
  const unzipped = unpack(bytes, { packed: LARGEST_PACKAGE, unpacked: LARGEST_UNPACKED, files: MOST_FILES });
  if ('fault' in unzipped)
    return nothing({ code: unzipped.fault === 'broken' ? 'broken-package' : 'too-much-in-package' });
  const { files } = unzipped;
  const items = itemFiles(files);
  if (items.length === 0) return nothing({ code: 'no-question' });
  const questions: ReadPackage['questions'][number][] = [];
  const left: NotCarried[] = [];
  for (const path of items.slice(0, MOST_QUESTIONS)) {
    const read = readItemFile(files[path] ?? new Uint8Array());
    if ('why' in read) left.push({ name: path, why: read.why });
    else {
      const found = pictureIn(files, path, read.picture);
      questions.push({ draft: read.draft, picture: found });
      left.push(...leftOf(read, found, path));
    }
  }
  if (items.length > MOST_QUESTIONS)
    left.push({ name: '', why: { code: 'only-first-questions', most: MOST_QUESTIONS } });
  return { questions, left };
}

function readLoneItem(bytes: Uint8Array, nothing: (why: Loss) => ReadPackage): ReadPackage {
  const read = readItemFile(bytes);
  if ('why' in read) return nothing({ code: 'no-package', why: read.why });
  return { questions: [{ draft: read.draft, picture: null }], left: leftOf(read, null, '') };
}

/** The line for what of an item was not read; none when all of it was. */
function leftOf({ draft, picture, lost }: ReadItem, found: Uint8Array | null, path: string): readonly NotCarried[] {
  const parts = [...lost, ...(picture !== null && found === null ? ['picture' as const] : [])];
  return parts.length === 0 ? [] : [{ name: draft.name || path, why: { code: 'read-without', parts } }];
}

function readItemFile(bytes: Uint8Array): ReadItem | { readonly why: Loss } {
  const xml = readXml(strFromU8(bytes));
  return 'fault' in xml ? { why: { code: 'xml', fault: xml.fault } } : readQtiItem(xml.root);
}

/** The items a manifest names, of the third or second version; without a manifest, all XML files that are items. */
function itemFiles(files: Readonly<Record<string, Uint8Array>>): readonly string[] {
  const found = Object.keys(files).find((path) => /(^|\/)imsmanifest\.xml$/i.test(path));
  const read = found ? readXml(strFromU8(files[found] ?? new Uint8Array())) : null;
  const base = found?.replace(/imsmanifest\.xml$/i, '') ?? '';
  const named = read && 'root' in read ? resourcesOf(read.root) : [];
  const known = named.map((href) => resolved(base, href)).filter((path) => path in files);
  return known.length > 0 ? known : Object.keys(files).filter((path) => path.endsWith('.xml') && path !== found);
}

function resourcesOf(manifestRoot: XmlElement): readonly string[] {
  return within(manifestRoot, 'resource').flatMap(({ attributes }) =>
    /^imsqti_item_/.test(attributes['type'] ?? '') && attributes['href'] ? [attributes['href']] : [],
  );
}

function pictureIn(files: Readonly<Record<string, Uint8Array>>, item: string, href: string | null): Uint8Array | null {
  return href === null ? null : (files[resolved(item.replace(/[^/]*$/, ''), href)] ?? null);
}

function resolved(base: string, href: string): string {
  return pathIn(base, decoded(href).replace(/^\/+/, ''));
}

function decoded(href: string): string {
  try {
    return decodeURIComponent(href);
  } catch {
    return href;
  }
}
