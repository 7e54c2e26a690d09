/** A deck from a document: a slide for each of its pages. */
import { addPages, addSlide, applyChanges, type Deck, type DocumentPage, newId, removeSlide } from '@gobrel/core/deck';
import { DocumentTrouble, openDocument, storePage } from '../../../shared/documents';
import { NotReadable } from '../../../shared/deck-files';
import { messages } from '../../../shared/messages';

/** @throws NotReadable where it is locked or broken, DOMException named AbortError when it was stopped */
export async function readDocument(
  file: File,
  empty: Deck,
  tell: (step: string) => void,
  signal: AbortSignal,
): Promise<{ readonly deck: Deck; readonly left: readonly string[] }> {
  const says = messages.library.import;
  const { name } = file;
  const document = await openDocument(file, () => Promise.resolve(null)).catch((error: unknown) => {
    const isLocked = error instanceof DocumentTrouble && error.why === 'given-up';
    throw new NotReadable(isLocked ? says.pdfLocked({ name }) : says.pdfBroken({ name }));
  });
  try {
    const pages: DocumentPage[] = [];
    for (let number = 1; number <= document.pageCount; number += 1) {
      signal.throwIfAborted();
      tell(says.readingSlides({ at: number, count: document.pageCount, name }));
      const page = await storePage(document, number, name);
      if (page) pages.push(page);
    }
    // Pages are placed after a slide, which goes again.
    const first = newId();
    const begun = applyChanges(empty, addSlide(empty, { id: first, name: '' }));
    const { changes, linksLost } = addPages(begun, first, pages, 'slides');
    const placed = applyChanges(begun, changes);
    const left = linksLost > 0 ? [messages.documents.linksLost({ count: linksLost })] : [];
    return { deck: applyChanges(placed, removeSlide(placed, first)), left };
  } finally {
    document.close();
  }
}
