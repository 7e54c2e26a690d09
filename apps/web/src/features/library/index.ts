/** What other features use of the library: templates to begin from. */
export * from './templates';
