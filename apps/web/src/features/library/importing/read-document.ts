/** A deck from a document: a slide for each of its pages. */
import { addPages, addSlide, applyChanges, type Deck, newId, removeSlide } from '@gobrel/core/deck';
import { DocumentTrouble, openDocument, storePages } from '../../../shared/documents';
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
    const numbers = Array.from({ length: document.pageCount }, (_, at) => at + 1);
    const { pages, isWhole } = await storePages(document, numbers, name, {
      tell: (done, of) => tell(says.readingSlides({ at: Math.min(done + 1, of), count: of, name })),
      signal,
    });
    const cutShort = isWhole ? [] : [messages.documents.onlyFirst({ count: pages.length })];
    if (pages.length === 0) throw new NotReadable(cutShort[0] ?? says.pdfBroken({ name }));
    // Pages are placed after a slide, which goes again.
    const first = newId();
    const begun = applyChanges(empty, addSlide(empty, { id: first, name: '' }));
    const { changes, linksLost } = addPages(begun, first, pages, 'slides');
    const placed = applyChanges(begun, changes);
    const left = [...cutShort, ...(linksLost > 0 ? [messages.documents.linksLost({ count: linksLost })] : [])];
    return { deck: applyChanges(placed, removeSlide(placed, first)), left };
  } finally {
    document.close();
  }
}
