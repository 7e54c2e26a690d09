/** Stored pictures. */
import { Module } from '@nestjs/common';
import { ContentAccessService } from './content-access.service.js';
import { PictureDecoder } from './picture-decoder.service.js';
import { PicturesController } from './pictures.controller.js';
import { PicturesService } from './pictures.service.js';

@Module({
  controllers: [PicturesController],
  providers: [PictureDecoder, PicturesService, ContentAccessService],
  exports: [PicturesService, ContentAccessService],
})
export class PicturesModule {}
