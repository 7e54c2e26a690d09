/** A deck from a document: a slide for each of its pages. */
import { addPages, addSlide, applyChanges, type Deck, type DocumentPage, newId, removeSlide } from '@gobrel/core/deck';
import { DocumentTrouble, openDocument, storePage } from '../../../shared/documents';
import { NotReadable } from '../../../shared/deck-files';
import { messages } from '../../../shared/messages';

/** Asks for the password of a locked file, again after a wrong one; `null` gives up. */
export type AskPassword = (fileName: string, wasWrong: boolean) => Promise<string | null>;

/** Who is told what happens on the way. */
export interface ReadingHost {
  /** Told how far it is, in words. */
  readonly tell: (step: string) => void;
  readonly askPassword: AskPassword;
  /** Stops it. */
  readonly signal: AbortSignal;
}

/**
 * @throws NotReadable where it is broken, or its password is not known, DOMException named AbortError when it was stopped
 */
export async function readDocument(
  file: File,
  empty: Deck,
  { tell, askPassword, signal }: ReadingHost,
): Promise<{ readonly deck: Deck; readonly left: readonly string[] }> {
  const says = messages.library.import;
  const { name } = file;
  const document = await openDocument(file, (wasWrong) => askPassword(name, wasWrong)).catch((error: unknown) => {
    const isLocked = error instanceof DocumentTrouble && error.why === 'given-up';
    signal.throwIfAborted();
    throw new NotReadable(isLocked ? says.pdfLocked({ name }) : says.pdfBroken({ name }));
  });
  try {
    tell(says.reading({ name }));
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
