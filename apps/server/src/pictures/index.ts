/** Stored pictures, and who may see what is stored. */
export { ContentAccessService } from './content-access.service.js';
export { PicturesModule } from './pictures.module.js';
export { PicturesService } from './pictures.service.js';
export { sendPicture } from './send-picture.js';
export { TooLargeFilter } from './too-large.filter.js';
