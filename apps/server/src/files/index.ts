/** Files that links lead to. */
export { FilesModule } from './files.module.js';
export { FilesService } from './files.service.js';
export { sendFile } from './send-file.js';
