/** Sounds, videos and files that links lead to. */
export { FilesModule } from './files.module.js';
export { FilesService } from './files.service.js';
export { sendFile } from './send-file.js';
export { sendZip, ZipStream } from './zip-stream.js';
