/** As whom a browser speaks to the server. */

/** As whom a document is opened; a browser may be signed in as both. */
export type Speaker = 'teacher' | 'student';
