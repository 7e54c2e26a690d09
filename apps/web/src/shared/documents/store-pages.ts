/** Pages of documents as pictures that are stored here. */
import type { DocumentPage } from '@gobrel/core/deck';
import { storePicture } from '../contents';
import { messages } from '../messages';
import { showToast } from '../ui';
import { aFewAtOnce } from './a-few-at-once';
import type { DrawnDocumentPage, PdfDocument } from './pdf-document';

/** How many pages are under way at once: one is drawn while another is sent and taken in. */
const AT_ONCE = 3;

interface StoringPages {
  /** Told how many are done, of how many. */
  readonly tell: (done: number, of: number) => void;
  readonly signal: AbortSignal;
}

/** Pages that are stored, and whether that is all that were wanted. */
export interface StoredPages {
  readonly pages: readonly DocumentPage[];
  readonly isWhole: boolean;
}

/**
 * Draws pages and stores them; gives them in their order. One that cannot be drawn is told and left out. Where one cannot be stored, which was
 * told too, the pages before it are all that is given.
 * @param numbers from 1
 * @throws DOMException named AbortError when it was stopped
 */
export async function storePages(
  document: PdfDocument,
  numbers: readonly number[],
  fileName: string,
  { tell, signal }: StoringPages,
): Promise<StoredPages> {
  let count = 0;
  tell(count, numbers.length);
  const { done, isWhole } = await aFewAtOnce(numbers, AT_ONCE, async (number) => {
    signal.throwIfAborted();
    const drawn = await document.page(number).catch(() => {
      showToast(messages.documents.pageBroken({ number }), { tone: 'trouble' });
      return 'broken' as const;
    });
    signal.throwIfAborted();
    const stored = drawn === 'broken' ? drawn : await storePage(drawn, number, fileName);
    count += 1;
    tell(count, numbers.length);
    return stored;
  });
  signal.throwIfAborted();
  return { pages: done.filter((page) => page !== 'broken'), isWhole };
}

async function storePage(
  { file, width, height, ...rest }: DrawnDocumentPage,
  number: number,
  fileName: string,
): Promise<DocumentPage | null> {
  const title = fileName.replace(/\.pdf$/i, '');
  const kind = file.type === 'image/png' ? 'png' : 'webp';
  const stored = await storePicture(new File([file], `page-${number}.${kind}`, { type: file.type }));
  if (!stored) return null;
  const name = messages.documents.pageOf({ number, title });
  return { ...rest, number, picture: stored.id, pixels: { width, height }, name };
}
