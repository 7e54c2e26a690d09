/** Lessons: handing out, joining, working, submitting, reviewing, keeping. */
import { Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { ArrivingModule } from '../arriving/index.js';
import { AnswerCheckRow } from '../database/index.js';
import { DecksModule } from '../decks/index.js';
import { FilesModule } from '../files/index.js';
import { SharingModule } from '../sharing/index.js';
import { PicturesModule } from '../pictures/index.js';
import { AnswerChecksService } from './answer-checks.service.js';
import { ReachedSlidesService } from './reached-slides.service.js';
import { BringingInService } from './bringing-in.service.js';
import { ClassDeckService } from './class-deck.service.js';
import { CollectingService } from './collecting.service.js';
import { HandingOutService } from './handing-out.service.js';
import { JoiningService } from './joining.service.js';
import { JoinController } from './join.controller.js';
import { LessonArchiveService } from './lesson-archive.service.js';
import { LessonBinService } from './lesson-bin.service.js';
import { LessonsController } from './lessons.controller.js';
import { KeptPagesService } from './kept-pages.service.js';
import { LessonsService } from './lessons.service.js';
import { LettingInService } from './letting-in.service.js';
import { MyLessonController } from './my-lesson.controller.js';
import { MyLessonService } from './my-lesson.service.js';
import { ParticipantsService } from './participants.service.js';
import { RestoringController } from './restoring.controller.js';
import { RestoringService } from './restoring.service.js';
import { ReviewsController } from './reviews.controller.js';
import { ReviewsService } from './reviews.service.js';
import { SeatingService } from './seating.service.js';
import { SeatsController } from './seats.controller.js';
import { StudentArrivalsService } from './student-arrivals.service.js';
import { StudentDataController } from './student-data.controller.js';
import { WorkLockService } from './work-lock.service.js';

@Module({
  imports: [
    ArrivingModule,
    DecksModule,
    FilesModule,
    PicturesModule,
    SharingModule,
    TypeOrmModule.forFeature([AnswerCheckRow]),
  ],
  controllers: [
    LessonsController,
    ReviewsController,
    JoinController,
    MyLessonController,
    SeatsController,
    StudentDataController,
    RestoringController,
  ],
  providers: [
    LessonsService,
    HandingOutService,
    ParticipantsService,
    WorkLockService,
    CollectingService,
    ReviewsService,
    LessonArchiveService,
    LessonBinService,
    ClassDeckService,
    BringingInService,
    RestoringService,
    KeptPagesService,
    MyLessonService,
    AnswerChecksService,
    ReachedSlidesService,
    JoiningService,
    LettingInService,
    StudentArrivalsService,
    SeatingService,
  ],
  exports: [
    ClassDeckService,
    HandingOutService,
    LessonArchiveService,
    LessonBinService,
    LessonsService,
    ReviewsService,
    StudentArrivalsService,
  ],
})
export class LessonsModule {}
