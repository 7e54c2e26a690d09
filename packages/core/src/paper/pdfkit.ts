/** What writing a PDF needs of pdfkit beyond what its types tell: its bytes, its inner state, and values as it takes them. */
import type PDFDocument from 'pdfkit';
import type { Colour, Matrix } from './drawn-page.js';
import { joined } from './joined.js';

/** A document of pdfkit. */
export type Pdf = InstanceType<typeof PDFDocument>;

/** The bytes of a document, once it has ended. */
export function bytesOf(pdf: Pdf): Promise<Uint8Array<ArrayBuffer>> {
  const parts: Uint8Array[] = [];
  return new Promise((resolve, reject) => {
    pdf.on('data', (part: Uint8Array) => parts.push(part));
    pdf.on('error', reject);
    pdf.on('end', () => resolve(joined(parts)));
  });
}

/** What pdfkit does that its types do not tell: reading a picture once for all its places, the font it writes with, a page. */
export interface Untold {
  readonly _ctm: readonly number[];
  readonly page: {
    readonly width: number;
    readonly height: number;
    /** What is written to it. */
    content: object;
    readonly resources: object;
    readonly xobjects: Record<string, object>;
  };
  openImage: (bytes: Uint8Array) => PDFKit.Mixins.ImageSrc;
  _font: { font: { hasGlyphForCodePoint: (code: number) => boolean } };
}

/** The document by what its types do not tell. */
export function untold(pdf: Pdf): Untold {
  // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
  return pdf as unknown as Untold;
}

/** Numbers as PDF takes them: never with an exponent. */
export function written(numbers: readonly number[]): string {
  return numbers.map((value) => Number(value.toFixed(6))).join(' ');
}

/** Six numbers as a matrix. */
export function asMatrix([a = 1, b = 0, c = 0, d = 1, e = 0, f = 0]: readonly number[]): Matrix {
  return [a, b, c, d, e, f];
}

/** A colour without how much of it is seen, as `#rrggbb`. */
export function hexOf([red, green, blue]: Colour): string {
  return `#${[red, green, blue].map((part) => Math.round(part).toString(16).padStart(2, '0')).join('')}`;
}

/** A colour without how much of it is seen, as pdfkit takes it. */
export function inBytes([red, green, blue]: Colour): [number, number, number] {
  return [red, green, blue];
}
