/** The bin: decks, lessons and classes that were deleted, restored while it can be done, and removed for good. */
import { Module } from '@nestjs/common';
import { DecksModule } from '../decks/index.js';
import { LessonsModule } from '../lessons/index.js';
import { BinController } from './bin.controller.js';
import { BinService } from './bin.service.js';
import { ClassBinController } from './class-bin.controller.js';
import { ClassBinService } from './class-bin.service.js';

@Module({
  imports: [DecksModule, LessonsModule],
  controllers: [BinController, ClassBinController],
  providers: [BinService, ClassBinService],
  exports: [BinService],
})
export class BinModule {}
