/** The HTTP API for teachers' own scripts, and its document. */
import { Module } from '@nestjs/common';
import { ClassesModule } from '../classes/index.js';
import { DecksModule } from '../decks/index.js';
import { LessonsModule } from '../lessons/index.js';
import { ApiController } from './api.controller.js';
import { DocsController } from './docs.controller.js';

@Module({
  imports: [ClassesModule, DecksModule, LessonsModule],
  controllers: [ApiController, DocsController],
})
export class ApiModule {}
