/** Starters that teachers keep. */
import { Module } from '@nestjs/common';
import { PicturesModule } from '../pictures/index.js';
import { StartersController } from './starters.controller.js';
import { StartersService } from './starters.service.js';

@Module({ imports: [PicturesModule], controllers: [StartersController], providers: [StartersService] })
export class StartersModule {}
