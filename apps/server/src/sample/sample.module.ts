/** The sample scenario. */
import { Module } from '@nestjs/common';
import { DecksModule } from '../decks/index.js';
import { PicturesModule } from '../pictures/index.js';
import { SharingModule } from '../sharing/index.js';
import { SampleController } from './sample.controller.js';
import { SampleService } from './sample.service.js';

@Module({
  imports: [SharingModule, DecksModule, PicturesModule],
  controllers: [SampleController],
  providers: [SampleService],
  exports: [SampleService],
})
export class SampleModule {}
