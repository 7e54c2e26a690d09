/** Stored pictures. */
export { PictureAccessService } from './picture-access.service.js';
export { PicturesModule } from './pictures.module.js';
export { PicturesService } from './pictures.service.js';
