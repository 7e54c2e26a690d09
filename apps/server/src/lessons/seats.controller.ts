/** The seats of a lesson, for its teacher, over HTTP. */
import type { LessonView } from '@gobrel/contract';
import { Controller, Delete, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { SeatingService } from './seating.service.js';

@Controller('api/lessons/:id/participants/:participantId')
@Allow('teacher')
export class SeatsController {
  constructor(private readonly seating: SeatingService) {}

  @Delete()
  remove(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('participantId') participantId: string,
  ): Promise<LessonView> {
    return this.seating.remove(teacherId, id, participantId);
  }

  @Post('restore')
  @HttpCode(200)
  restore(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('participantId') participantId: string,
  ): Promise<LessonView> {
    return this.seating.restore(teacherId, id, participantId);
  }

  @Delete('pin')
  @HttpCode(204)
  forgetPin(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('participantId') participantId: string,
  ): Promise<void> {
    return this.seating.forgetPin(teacherId, id, participantId);
  }
}
