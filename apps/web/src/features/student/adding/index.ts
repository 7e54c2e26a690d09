/** Adding pictures and stickers to an open area. */
export { AddDialog } from './add-dialog';
