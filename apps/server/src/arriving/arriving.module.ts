/** Arrivals from systems outside. */
import { Module } from '@nestjs/common';
import { ArrivingController } from './arriving.controller.js';
import { OutsideIdentitiesService } from './outside-identities.service.js';
import { TeacherArrivalsService } from './teacher-arrivals.service.js';
import { WaitingArrivalsService } from './waiting-arrivals.service.js';

@Module({
  controllers: [ArrivingController],
  providers: [OutsideIdentitiesService, TeacherArrivalsService, WaitingArrivalsService],
  exports: [OutsideIdentitiesService, TeacherArrivalsService, WaitingArrivalsService],
})
export class ArrivingModule {}
