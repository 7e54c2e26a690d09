/** Sorting by hand; apart from the other primitives, as students never do it. */
export * from './use-sorting-sensors';
