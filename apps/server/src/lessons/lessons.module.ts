/** Lessons: handing out, joining, submitting. */
import { Module } from '@nestjs/common';
import { DecksModule } from '../decks/index.js';
import { PicturesModule } from '../pictures/index.js';
import { JoinController } from './join.controller.js';
import { LessonsController } from './lessons.controller.js';
import { LessonsService } from './lessons.service.js';
import { MyLessonController } from './my-lesson.controller.js';
import { MyLessonService } from './my-lesson.service.js';

@Module({
  imports: [DecksModule, PicturesModule],
  controllers: [LessonsController, JoinController, MyLessonController],
  providers: [LessonsService, MyLessonService],
})
export class LessonsModule {}
