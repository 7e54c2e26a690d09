/** Sounds, videos and files that links lead to. */
import { Module } from '@nestjs/common';
import { PicturesModule } from '../pictures/index.js';
import { FilePartsService } from './file-parts.service.js';
import { FilesController } from './files.controller.js';
import { FilesService } from './files.service.js';
import { MOST_STORED, mostStoredFrom } from './room.js';
import { UploadStore } from './upload-store.js';
import { UploadsController } from './uploads.controller.js';
import { UploadsService } from './uploads.service.js';

@Module({
  imports: [PicturesModule],
  controllers: [FilesController, UploadsController],
  providers: [
    FilesService,
    FilePartsService,
    UploadsService,
    UploadStore,
    { provide: MOST_STORED, useFactory: () => mostStoredFrom(process.env) },
  ],
  exports: [FilesService],
})
export class FilesModule {}
