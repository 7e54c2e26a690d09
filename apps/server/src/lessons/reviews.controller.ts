/** Reviews of a lesson's work, and the gradebook of a class; for the teacher. */
import {
  type GradebookView,
  KeepReview,
  type LessonReviews,
  type LessonView,
  Release,
  type ReviewView,
  UndoReturn,
} from '@gobrel/contract';
import { Body, Controller, Get, HttpCode, Param, Post, Put } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { ReviewsService } from './reviews.service.js';

@Controller('api')
@Allow('teacher')
export class ReviewsController {
  constructor(private readonly reviews: ReviewsService) {}

  @Get('lessons/:id/reviews')
  list(@TeacherId() teacherId: string, @Param('id') id: string): Promise<LessonReviews> {
    return this.reviews.list(teacherId, id);
  }

  @Put('lessons/:id/reviews/:participantId')
  keep(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('participantId') participantId: string,
    @Body() { review }: KeepReview,
  ): Promise<ReviewView> {
    return this.reviews.keep(teacherId, id, participantId, review);
  }

  @Post('lessons/:id/reviews/:participantId/return')
  @HttpCode(200)
  giveBack(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('participantId') participantId: string,
  ): Promise<LessonView> {
    return this.reviews.giveBack(teacherId, id, participantId);
  }

  @Post('lessons/:id/reviews/:participantId/return/undo')
  @HttpCode(200)
  undoReturn(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('participantId') participantId: string,
    @Body() before: UndoReturn,
  ): Promise<LessonView> {
    return this.reviews.undoReturn(teacherId, id, participantId, before);
  }

  @Post('lessons/:id/release')
  @HttpCode(200)
  release(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: Release): Promise<LessonView> {
    return this.reviews.release(teacherId, id, body.participantIds);
  }

  @Get('classes/:id/gradebook')
  gradebook(@TeacherId() teacherId: string, @Param('id') id: string): Promise<GradebookView> {
    return this.reviews.gradebook(teacherId, id);
  }
}
