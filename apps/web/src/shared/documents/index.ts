/** Documents of pages: opened, drawn and stored. */
export { DocumentTrouble } from './document-trouble';
export { openDocument } from './open-document';
export type { PdfDocument } from './pdf-document';
export { PdfPassword } from './pdf-password';
export { saysDocument } from './says-document';
export { storePages } from './store-pages';
export { useOpenPdf } from './use-open-pdf';
