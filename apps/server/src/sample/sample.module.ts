/** The sample scenario. */
import { Module } from '@nestjs/common';
import { DecksModule } from '../decks/index.js';
import { PicturesModule } from '../pictures/index.js';
import { SampleService } from './sample.service.js';

@Module({ imports: [DecksModule, PicturesModule], providers: [SampleService], exports: [SampleService] })
export class SampleModule {}
