/** The browser caches that the service worker and the screens share. */

/** The page, its files and pictures. */
export const FILES_CACHE = 'gobrel files 1';
/** The server's last answers about the lesson a student is in. */
export const ANSWERS_CACHE = 'gobrel answers 1';
