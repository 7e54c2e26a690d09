/** Pictures and files of decks, stored on the server. */
export { storePicture } from './store-picture';
