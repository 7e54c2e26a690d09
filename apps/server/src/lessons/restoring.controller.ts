/** Lessons out of a backup, over HTTP: the lesson first, then each work, then its submissions. */
import {
  LessonToRestore,
  type LessonView,
  type RestoredWork,
  SubmissionToRestore,
  WorkToRestore,
} from '@gobrel/contract';
import { Body, Controller, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { RestoringService } from './restoring.service.js';

@Controller('api/restored-lessons')
@Allow('teacher')
export class RestoringController {
  constructor(private readonly restoring: RestoringService) {}

  @Post()
  lesson(@TeacherId() teacherId: string, @Body() body: LessonToRestore): Promise<LessonView> {
    return this.restoring.lesson(teacherId, body);
  }

  @Post(':id/works')
  work(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: WorkToRestore): Promise<RestoredWork> {
    return this.restoring.work(teacherId, id, body);
  }

  @Post(':id/works/:participantId/submissions')
  @HttpCode(204)
  submission(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('participantId') participantId: string,
    @Body() body: SubmissionToRestore,
  ): Promise<void> {
    return this.restoring.submission(teacherId, id, participantId, body);
  }
}
