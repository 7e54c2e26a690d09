/** An open PDF: its pages drawn, with their words and links, by PDF.js (https://mozilla.github.io/pdf.js), read in a worker. */
import type { PageLink } from '@gobrel/core/deck';
import {
  getDocument,
  GlobalWorkerOptions,
  type PDFDocumentProxy,
  type PDFPageProxy,
  PasswordResponses,
  version,
} from 'pdfjs-dist';
import { DocumentTrouble } from './document-trouble';
import workerUrl from 'pdfjs-dist/build/pdf.worker.min.mjs?url';

GlobalWorkerOptions.workerSrc = workerUrl;

/** Where the application ships what documents may lack: letters and tables of characters. */
const SHIPPED = `/assets/pdf-${version}/`;
/** The longer side of a page as a picture, in pixels: twice what a usual slide has. */
const FINE = 2000;
/** How near a picture without gaps stays to what it was, from 0 to 1. */
const QUALITY = 0.9;
/** Up to this many bytes a page is stored as it was drawn. */
const SMALL = 400_000;
/** Larger pages are drawn smaller, in pixels all together: what a page says of its own size is not believed. */
const MOST_PIXELS = 6_000_000;

/** A page as it is stored. */
export interface DrawnDocumentPage {
  readonly file: Blob;
  readonly width: number;
  readonly height: number;
  readonly says: string;
  readonly links: readonly PageLink[];
}

/** An open document. */
export interface PdfDocument {
  readonly pageCount: number;
  /** A small picture of a page. @param number from 1 @param width in pixels */
  readonly thumbnail: (number: number, width: number) => Promise<Blob>;
  readonly page: (number: number) => Promise<DrawnDocumentPage>;
  readonly close: () => void;
}

/**
 * Opens a document.
 * @param askPassword asked where it is locked, again after a wrong one; `null` gives up
 * @throws DocumentTrouble where it is broken, or its password is not known
 */
export async function openPdf(
  file: Blob,
  askPassword: (wasWrong: boolean) => Promise<string | null>,
): Promise<PdfDocument> {
  const task = getDocument({
    data: new Uint8Array(await file.arrayBuffer()),
    cMapUrl: `${SHIPPED}cmaps/`,
    standardFontDataUrl: `${SHIPPED}standard_fonts/`,
    wasmUrl: `${SHIPPED}wasm/`,
    // The page's policy allows neither; both have a slower way.
    useWasm: false,
    isEvalSupported: false,
    // Forms are drawn as they are filled in; nothing in them is run.
    enableXfa: false,
    stopAtErrors: false,
  });
  const asking = { gaveUp: false };
  task.onPassword = (give: (password: string | Error) => void, reason: number) => {
    void askPassword(reason === PasswordResponses.INCORRECT_PASSWORD).then((password) => {
      asking.gaveUp = password === null;
      give(password ?? new Error('given up'));
    });
  };
  let document: PDFDocumentProxy;
  try {
    document = await task.promise;
  } catch {
    void task.destroy();
    throw new DocumentTrouble(asking.gaveUp ? 'given-up' : 'broken');
  }
  return {
    pageCount: document.numPages,
    thumbnail: async (number, width) => {
      const page = await document.getPage(number);
      const drawn = await drawnAt(page, width / page.getViewport({ scale: 1 }).width);
      page.cleanup();
      return drawn.file;
    },
    page: async (number) => {
      const page = await document.getPage(number);
      const { width, height } = page.getViewport({ scale: 1 });
      const scale = Math.min(FINE / Math.max(width, height), Math.sqrt(MOST_PIXELS / (width * height)));
      const drawn = await drawnAt(page, scale);
      const says = await wordsOn(page);
      const links = await linksOn(document, page);
      page.cleanup();
      return { ...drawn, says, links };
    },
    close: () => void task.destroy(),
  };
}

/** A page drawn once, as a picture. @throws DocumentTrouble where it cannot be */
async function drawnAt(page: PDFPageProxy, scale: number) {
  const viewport = page.getViewport({ scale });
  const canvas = document.createElement('canvas');
  canvas.width = Math.max(1, Math.round(viewport.width));
  canvas.height = Math.max(1, Math.round(viewport.height));
  try {
    await page.render({ canvas, viewport, background: '#ffffff' }).promise;
  } catch {
    throw new DocumentTrouble('broken');
  }
  const blobOf = (type: string, quality?: number) =>
    new Promise<Blob | null>((resolve) => canvas.toBlob(resolve, type, quality));
  const packed = await blobOf('image/png');
  // What is drawn and written is small without loss; only photographs are worth being packed a second time.
  const photo = packed && packed.size > SMALL ? await blobOf('image/webp', QUALITY) : null;
  const file = packed && photo && photo.size < packed.size / 2 ? photo : (packed ?? photo);
  if (!file) throw new DocumentTrouble('broken');
  return { file, width: canvas.width, height: canvas.height };
}

/** The words of a page, a line a line. */
async function wordsOn(page: PDFPageProxy): Promise<string> {
  const { items } = await page.getTextContent();
  let says = '';
  for (const item of items) {
    if (!('str' in item)) continue;
    says += item.str + (item.hasEOL ? '\n' : '');
  }
  return says.replaceAll(/[ \t]+/g, ' ').trim();
}

async function linksOn(document: PDFDocumentProxy, page: PDFPageProxy): Promise<readonly PageLink[]> {
  const viewport = page.getViewport({ scale: 1 });
  const annotations: readonly unknown[] = await page.getAnnotations();
  const links: PageLink[] = [];
  for (const annotation of annotations) {
    const to = await goalOf(document, annotation);
    const rect = rectOf(annotation);
    if (!to || !rect) continue;
    const [x1 = 0, y1 = 0, x2 = 0, y2 = 0] = viewport.convertToViewportRectangle([...rect]).map(Number);
    const share = (from: number, to: number, side: number) => ({
      at: Math.max(0, Math.min(from, to) / side),
      long: Math.abs(to - from) / side,
    });
    const across = share(x1, x2, viewport.width);
    const down = share(y1, y2, viewport.height);
    links.push({ box: { x: across.at, y: down.at, width: across.long, height: down.long }, to });
  }
  return links;
}

function rectOf(annotation: unknown): readonly number[] | null {
  if (typeof annotation !== 'object' || annotation === null || !('rect' in annotation)) return null;
  const { rect } = annotation;
  return Array.isArray(rect) && rect.length === 4 && rect.every((each) => typeof each === 'number') ? rect : null;
}

async function goalOf(document: PDFDocumentProxy, annotation: unknown): Promise<PageLink['to'] | null> {
  if (typeof annotation !== 'object' || annotation === null) return null;
  if (!('subtype' in annotation) || annotation.subtype !== 'Link') return null;
  if ('url' in annotation && typeof annotation.url === 'string') return { address: annotation.url };
  const dest: unknown = 'dest' in annotation ? annotation.dest : null;
  try {
    const explicit: unknown = typeof dest === 'string' ? await document.getDestination(dest) : dest;
    if (!Array.isArray(explicit)) return null;
    const [first]: readonly unknown[] = explicit;
    if (typeof first === 'number') return { page: first + 1 };
    // A reference to a page, as the reader gives it and takes it again.
    // eslint-disable-next-line @typescript-eslint/no-unsafe-type-assertion
    return { page: (await document.getPageIndex(first as Parameters<PDFDocumentProxy['getPageIndex']>[0])) + 1 };
  } catch {
    // It leads to a page that is not there.
    return null;
  }
}
