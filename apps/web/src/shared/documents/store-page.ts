/** Pages of documents as pictures that are stored here. */
import type { DocumentPage } from '@gobrel/core/deck';
import { storePicture } from '../contents';
import { messages } from '../messages';
import { showToast } from '../ui';
import type { PdfDocument } from './pdf-document';

/** A page, drawn and stored; `null` where it could not be, which was said. @param number from 1 */
export async function storePage(document: PdfDocument, number: number, fileName: string): Promise<DocumentPage | null> {
  const says = messages.documents;
  const title = fileName.replace(/\.pdf$/i, '');
  try {
    const { file, width, height, ...rest } = await document.page(number);
    const kind = file.type === 'image/png' ? 'png' : 'webp';
    const stored = await storePicture(new File([file], `page-${number}.${kind}`, { type: file.type }));
    if (!stored) return null;
    return { ...rest, number, picture: stored.id, pixels: { width, height }, name: says.pageOf({ number, title }) };
  } catch {
    showToast(says.pageBroken({ number }), { tone: 'trouble' });
    return null;
  }
}
