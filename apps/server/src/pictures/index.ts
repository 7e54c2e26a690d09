/** Stored pictures. */
export { PicturesModule } from './pictures.module.js';
export { PicturesService } from './pictures.service.js';
