/** Lines: where they run, free or tied to items, and the commands on them. */
export * from './line-commands.js';
export * from './lines.js';
