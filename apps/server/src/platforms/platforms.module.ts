/** Learning platforms of schools (LTI 1.3): launched from there, chosen for there, and scores back. */
import { Module } from '@nestjs/common';
import { ArrivingModule } from '../arriving/index.js';
import { DecksModule } from '../decks/index.js';
import { LessonsModule } from '../lessons/index.js';
import { SchoolModule } from '../school/index.js';
import { ArrivalsService } from './arrivals.service.js';
import { ChoosingController } from './choosing.controller.js';
import { ChoosingService } from './choosing.service.js';
import { CoursesService } from './courses.service.js';
import { LaunchController } from './launch.controller.js';
import { LaunchingService } from './launching.service.js';
import { MembersService } from './members.service.js';
import { PlacesService } from './places.service.js';
import { PlatformCallsService } from './platform-calls.service.js';
import { PlatformsController } from './platforms.controller.js';
import { PlatformsService } from './platforms.service.js';
import { ScoresService } from './scores.service.js';
import { ToolKeyService } from './tool-key.service.js';

@Module({
  imports: [ArrivingModule, DecksModule, LessonsModule, SchoolModule],
  controllers: [LaunchController, PlatformsController, ChoosingController],
  providers: [
    PlatformsService,
    ToolKeyService,
    PlatformCallsService,
    LaunchingService,
    ArrivalsService,
    CoursesService,
    MembersService,
    PlacesService,
    ChoosingService,
    ScoresService,
  ],
})
export class PlatformsModule {}
