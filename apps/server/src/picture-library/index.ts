/** Pictures that come along, to be searched and used. */
import { Module } from '@nestjs/common';
import { PictureLibraryController } from './picture-library.controller.js';
import { PictureLibraryService } from './picture-library.service.js';

@Module({ controllers: [PictureLibraryController], providers: [PictureLibraryService] })
export class PictureLibraryModule {}
