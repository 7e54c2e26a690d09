/** Stored pictures. */
import { Module } from '@nestjs/common';
import { PictureAccessService } from './picture-access.service.js';
import { PicturesController } from './pictures.controller.js';
import { PicturesService } from './pictures.service.js';

@Module({
  controllers: [PicturesController],
  providers: [PicturesService, PictureAccessService],
  exports: [PicturesService, PictureAccessService],
})
export class PicturesModule {}
