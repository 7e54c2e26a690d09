/** Class lists of schools' systems, and results for them. */
export { matchedIds } from './matched-ids.js';
export { readRoster, type RosterClass, type RosterFault, type RosterStudent } from './read-roster.js';
export { readRosterRef, type RosterRef } from './roster-ref.js';
export { type RosterBook, writeResults } from './write-results.js';
