/** Tables: rows, columns and cells. */
export * from './table-fields.js';
export * from './table.js';
