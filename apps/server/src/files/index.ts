/** Files that links lead to. */
export { FilesModule } from './files.module.js';
