/** How long things are kept. */

/** For how many days a deleted deck can be restored. */
export const DAYS_IN_BIN = 30;
