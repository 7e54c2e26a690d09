/** Class lists of schools' systems. */
export { readRoster, type RosterClass, type RosterFault } from './read-roster.js';
