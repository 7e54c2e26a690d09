/** Pictures that come along, to be searched and used. */
import { Module } from '@nestjs/common';
import { PictureLibraryController } from './picture-library.controller.js';
import { PICTURE_SOURCE } from './picture-source.js';
import { ShippedPictures } from './shipped-pictures.js';

export { PICTURE_SOURCE, type PictureSource } from './picture-source.js';

@Module({
  controllers: [PictureLibraryController],
  providers: [{ provide: PICTURE_SOURCE, useClass: ShippedPictures }],
  exports: [PICTURE_SOURCE],
})
export class PictureLibraryModule {}
