/** Pictures and files of decks, stored on the server. */
export { storeFile } from './store-file';
export { storePicture } from './store-picture';
export type { Going } from './upload';
