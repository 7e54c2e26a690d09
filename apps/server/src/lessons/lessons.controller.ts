/** Lessons, for the teacher who runs them. */
import { HandOut, Hold, type LessonMarks, type LessonSummary, type LessonView } from '@gobrel/contract';
import type { Deck } from '@gobrel/core/deck';
import { Body, Controller, Get, HttpCode, Param, Post, Res } from '@nestjs/common';
import type { Response } from 'express';
import { Allow, TeacherId } from '../accounts/index.js';
import { LessonsService } from './lessons.service.js';

@Controller('api/lessons')
@Allow('teacher')
export class LessonsController {
  constructor(private readonly lessons: LessonsService) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<LessonSummary[]> {
    return this.lessons.list(teacherId);
  }

  @Post()
  handOut(@TeacherId() teacherId: string, @Body() body: HandOut): Promise<LessonView> {
    return this.lessons.handOut(teacherId, body);
  }

  @Get(':id')
  get(@TeacherId() teacherId: string, @Param('id') id: string): Promise<LessonView> {
    return this.lessons.get(teacherId, id);
  }

  @Get(':id/edition')
  edition(@TeacherId() teacherId: string, @Param('id') id: string): Promise<Deck> {
    return this.lessons.edition(teacherId, id);
  }

  @Get(':id/marks')
  marks(@TeacherId() teacherId: string, @Param('id') id: string): Promise<LessonMarks> {
    return this.lessons.marks(teacherId, id);
  }

  @Get(':id/sounds/:participantId/:itemId')
  async sound(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('participantId') participantId: string,
    @Param('itemId') itemId: string,
    @Res() response: Response,
  ): Promise<void> {
    const { type, bytes } = await this.lessons.sound(teacherId, id, participantId, itemId);
    response
      .set({
        'Content-Type': type,
        'Cache-Control': 'private, no-cache',
        'Content-Security-Policy': "default-src 'none'",
      })
      .send(Buffer.from(bytes, 'base64'));
  }

  @Post(':id/hold')
  @HttpCode(200)
  hold(@TeacherId() teacherId: string, @Param('id') id: string, @Body() { held }: Hold): Promise<LessonView> {
    return this.lessons.hold(teacherId, id, held);
  }

  @Post(':id/close')
  @HttpCode(200)
  close(@TeacherId() teacherId: string, @Param('id') id: string): Promise<LessonView> {
    return this.lessons.close(teacherId, id);
  }
}
