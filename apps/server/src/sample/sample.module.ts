/** The sample scenario. */
import { Module } from '@nestjs/common';
import { DecksModule } from '../decks/index.js';
import { FilesModule } from '../files/index.js';
import { PictureLibraryModule } from '../picture-library/index.js';
import { PicturesModule } from '../pictures/index.js';
import { SchoolModule } from '../school/index.js';
import { SharingModule } from '../sharing/index.js';
import { SampleController } from './sample.controller.js';
import { SampleSchoolService } from './sample-school.service.js';
import { SampleService } from './sample.service.js';

@Module({
  imports: [SchoolModule, SharingModule, DecksModule, FilesModule, PicturesModule, PictureLibraryModule],
  controllers: [SampleController],
  providers: [SampleService, SampleSchoolService],
  exports: [SampleService],
})
export class SampleModule {}
