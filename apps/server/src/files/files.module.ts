/** Files that links lead to. */
import { Module } from '@nestjs/common';
import { PicturesModule } from '../pictures/index.js';
import { FilesController } from './files.controller.js';
import { FilesService } from './files.service.js';

@Module({
  imports: [PicturesModule],
  controllers: [FilesController],
  providers: [FilesService],
  exports: [FilesService],
})
export class FilesModule {}
