/** Writes a PDF apart from the page: setting and packing it takes a second or two. */
import { type PdfContents, type Sheet, writePdf } from '@gobrel/core/paper';

/** What the worker is given. */
export interface PdfTask {
  readonly sheets: readonly Sheet[];
  readonly contents: PdfContents;
}

/** What the worker says: how far it is, what it made, or that it could not. */
export type PdfNews =
  { readonly done: number } | { readonly pdf: Uint8Array<ArrayBuffer> } | { readonly failed: string };

self.addEventListener('message', ({ data }: MessageEvent<PdfTask>) => {
  const say = (news: PdfNews) => self.postMessage(news);
  writePdf(data.sheets, data.contents, (done) => say({ done }))
    .then((pdf) => say({ pdf }))
    .catch((error: unknown) => say({ failed: error instanceof Error ? error.message : String(error) }));
});
