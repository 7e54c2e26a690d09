/** Lessons: handing out, joining, submitting. */
import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { AnswerCheckRow } from '../database/index.js';
import { DecksModule } from '../decks/index.js';
import { PicturesModule } from '../pictures/index.js';
import { AnswerChecksService } from './answer-checks.service.js';
import { JoinController } from './join.controller.js';
import { LessonsController } from './lessons.controller.js';
import { LessonsService } from './lessons.service.js';
import { MyLessonController } from './my-lesson.controller.js';
import { MyLessonService } from './my-lesson.service.js';

@Module({
  imports: [DecksModule, PicturesModule, TypeOrmModule.forFeature([AnswerCheckRow])],
  controllers: [LessonsController, JoinController, MyLessonController],
  providers: [LessonsService, MyLessonService, AnswerChecksService],
})
export class LessonsModule {}
