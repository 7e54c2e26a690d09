/** Sorting by hand; apart from the other primitives, as students never do it. */
export { sortable, spokenSorting } from './spoken-sorting';
export * from './use-sorting-sensors';
