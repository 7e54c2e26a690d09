/** Backups, everything somebody has as one file, and leaving. */
import { Module } from '@nestjs/common';
import { BinModule } from '../bin/index.js';
import { ClassesModule } from '../classes/index.js';
import { DecksModule } from '../decks/index.js';
import { FilesModule } from '../files/index.js';
import { LessonsModule } from '../lessons/index.js';
import { PicturesModule } from '../pictures/index.js';
import { SchoolModule } from '../school/index.js';
import { TemplatesModule } from '../templates/index.js';
import { ThemesModule } from '../themes/index.js';
import { BackupsService } from './backups.service.js';
import { LeavingService } from './leaving.service.js';
import { TakingAlongController } from './taking-along.controller.js';

@Module({
  imports: [
    BinModule,
    SchoolModule,
    DecksModule,
    FilesModule,
    ThemesModule,
    TemplatesModule,
    ClassesModule,
    LessonsModule,
    PicturesModule,
  ],
  controllers: [TakingAlongController],
  providers: [BackupsService, LeavingService],
})
export class TakingAlongModule {}
