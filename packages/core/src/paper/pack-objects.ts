/**
 * A PDF whose small objects lie together and compressed (object streams and a cross-reference stream, ISO 32000-1, 7.5.7
 * and 7.5.8): what says how a tagged document is built is thousands of objects of a few words each, which as they are
 * make up most of it.
 */
import { strFromU8, strToU8, zlibSync } from 'fflate';
import { joined } from './joined.js';

/** So many objects lie in one stream: a reader that needs one of them unpacks all. */
const MOST_TOGETHER = 200;

/** An object of a document: all between `obj` and `endobj`. */
interface PdfObject {
  readonly number: number;
  readonly bytes: Uint8Array;
}

/** Where an object is. */
type Place =
  | { readonly at: number }
  /** The place it has in a stream of several. */
  | { readonly within: number; readonly place: number };

/**
 * The same document, smaller. What is not built as pdfkit builds its documents (one section, one cross-reference table)
 * comes back as it is. Linear.
 */
export function packObjects(pdf: Uint8Array<ArrayBuffer>): Uint8Array<ArrayBuffer> {
  const built = readObjects(pdf);
  if (!built) return pdf;
  const out: Uint8Array[] = [pdf.subarray(0, built.header)];
  const places = new Map<number, Place>();
  let at = built.header;
  const write = (number: number, bytes: readonly Uint8Array[]) => {
    places.set(number, { at });
    for (const part of [strToU8(`${number} 0 obj\n`), ...bytes, strToU8('\nendobj\n')]) {
      out.push(part);
      at += part.length;
    }
  };
  const [streams, small] = parted(built.objects);
  for (const { number, bytes } of streams) write(number, [bytes]);
  let next = built.size;
  for (let from = 0; from < small.length; from += MOST_TOGETHER) {
    const together = small.slice(from, from + MOST_TOGETHER);
    together.forEach(({ number }, place) => places.set(number, { within: next, place }));
    write(next, objectStream(together));
    next += 1;
  }
  const start = at;
  // It says where it is itself.
  places.set(next, { at });
  write(next, crossReferences(places, next + 1, built.trailer));
  return joined([...out, strToU8(`startxref\n${start}\n%%EOF\n`)]);
}

/** Its objects in the order of the file, and what its trailer says besides its size; `null` where it is built otherwise. */
function readObjects(pdf: Uint8Array) {
  const end = latin(pdf.subarray(Math.max(0, pdf.length - 2048)));
  const start = Number(/startxref\s+(\d+)\s+%%EOF\s*$/.exec(end)?.[1] ?? NaN);
  if (!(start < pdf.length)) return null;
  const table = latin(pdf.subarray(start));
  const [head = '', size = '0'] = /^xref\s+0 (\d+)\s*\n/.exec(table) ?? [];
  const trailer = /trailer\s*<<([\s\S]*)>>\s*startxref/.exec(table)?.[1];
  if (head === '' || trailer === undefined) return null;
  const offsets = Array.from({ length: Number(size) }, (_, number) => {
    const entry = table.slice(head.length + number * 20, head.length + number * 20 + 20);
    return { number, at: /^\d{10} \d{5} n/.test(entry) ? Number(entry.slice(0, 10)) : null };
  });
  const used = offsets
    .flatMap(({ number, at }) => (at === null ? [] : [{ number, at }]))
    .toSorted((a, b) => a.at - b.at);
  const objects = used.map(({ number, at }, place): PdfObject | null => {
    const whole = pdf.subarray(at, used[place + 1]?.at ?? start);
    const opening = `${number} 0 obj\n`;
    const closing = /\nendobj\s*$/.exec(latin(whole.subarray(-32)));
    if (!closing || latin(whole.subarray(0, opening.length)) !== opening) return null;
    return { number, bytes: whole.subarray(opening.length, whole.length - closing[0].length) };
  });
  const first = used[0];
  if (!first || objects.includes(null)) return null;
  return {
    header: first.at,
    size: Number(size),
    trailer: trailer.replace(/\/Size \d+/, '').trim(),
    objects: objects.filter((object) => object !== null),
  };
}

/** Those that are streams themselves, and those that go into one. */
function parted(objects: readonly PdfObject[]): readonly [readonly PdfObject[], readonly PdfObject[]] {
  const isStream = ({ bytes }: PdfObject) => latin(bytes.subarray(-16)).trimEnd().endsWith('endstream');
  return [objects.filter(isStream), objects.filter((object) => !isStream(object))];
}

function objectStream(objects: readonly PdfObject[]): readonly Uint8Array[] {
  let at = 0;
  const index = objects.map(({ number, bytes }) => {
    const entry = `${number} ${at}`;
    at += bytes.length + 1;
    return entry;
  });
  const head = strToU8(`${index.join(' ')}\n`);
  const bodies = objects.flatMap(({ bytes }) => [bytes, strToU8('\n')]);
  const entries = `/Type /ObjStm /N ${objects.length} /First ${head.length}`;
  return packed(entries, joined([head, ...bodies]));
}

/** Where each object is: its kind in a byte, a place in four, and another in two. */
function crossReferences(places: ReadonlyMap<number, Place>, size: number, trailer: string): readonly Uint8Array[] {
  const rows = new DataView(new ArrayBuffer(size * 7));
  for (const [number, place] of places) {
    const row = number * 7;
    rows.setUint8(row, 'at' in place ? 1 : 2);
    rows.setUint32(row + 1, 'at' in place ? place.at : place.within);
    rows.setUint16(row + 5, 'at' in place ? 0 : place.place);
  }
  // The first is the head of those that are free: none is.
  rows.setUint16(5, 0xffff);
  return packed(`/Type /XRef /Size ${size} /W [1 4 2] ${trailer}`, new Uint8Array(rows.buffer));
}

function packed(entries: string, content: Uint8Array): readonly Uint8Array[] {
  const bytes = zlibSync(content, { level: 9 });
  return [
    strToU8(`<< ${entries} /Filter /FlateDecode /Length ${bytes.length} >>\nstream\n`),
    bytes,
    strToU8('\nendstream'),
  ];
}

const latin = (bytes: Uint8Array) => strFromU8(bytes, true);
