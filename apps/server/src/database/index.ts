/** The database: tables, migrations, and how to reach it. */
export { dataSourceOptions, entities, openDatabase } from './data-source.js';
export * from './entities/account.js';
export * from './entities/deck.js';
export * from './entities/files.js';
export * from './entities/lesson.js';
export * from './entities/platform.js';
export * from './entities/school.js';
export * from './entities/sharing.js';
export { isDataError, isDuplicate } from './database-errors.js';
export { timesInBin } from './times-in-bin.js';
export { inTurns, unlessElsewhere } from './in-turns.js';
