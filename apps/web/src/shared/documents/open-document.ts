/** Opens documents; what reads them is large, and comes with the first. */
import type { PdfDocument } from './pdf-document';

/**
 * Opens a document.
 * @param askPassword asked where it is locked, again after a wrong one; `null` gives up
 * @throws DocumentTrouble where it is broken, or its password is not known
 */
export async function openDocument(
  file: Blob,
  askPassword: (wasWrong: boolean) => Promise<string | null>,
): Promise<PdfDocument> {
  const { openPdf } = await import('./pdf-document');
  return openPdf(file, askPassword);
}
