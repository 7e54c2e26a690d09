/** How long things are kept. */

/** For how many days what was deleted can be restored. */
export const DAYS_IN_BIN = 30;
