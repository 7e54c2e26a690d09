/** Templates that teachers keep. */
import { Module } from '@nestjs/common';
import { PicturesModule } from '../pictures/index.js';
import { ScenesService } from './scenes.service.js';
import { TemplatesController } from './templates.controller.js';
import { TemplatesService } from './templates.service.js';

@Module({
  imports: [PicturesModule],
  controllers: [TemplatesController],
  providers: [TemplatesService, ScenesService],
  exports: [TemplatesService],
})
export class TemplatesModule {}
