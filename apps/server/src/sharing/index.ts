/** Decks that are shared by an address. */
export { SharingModule } from './sharing.module.js';
export { showPages } from './show-pages.js';
export { ShownDecksService } from './shown-decks.service.js';
export { SharesService } from './shares.service.js';
export { ShowNews } from './show-news.service.js';
