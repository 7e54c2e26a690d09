/** Backups: what they are, how their JSON is built, and reading them. */
export * from './backup.js';
export { backupSchema } from './backup-schema.js';
export * from './read-backup.js';
export * from './read-kept-lesson.js';
