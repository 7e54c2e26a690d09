/** The lesson a student is in. */
import {
  type AnswerCheck,
  CheckAnswers,
  type MyEdition,
  type MyLessonView,
  type OthersWork,
  Signal,
  Submit,
} from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, Participant } from '../accounts/index.js';
import { MyLessonService } from './my-lesson.service.js';

@Controller('api/my-lesson')
@Allow('participant')
export class MyLessonController {
  constructor(private readonly lessons: MyLessonService) {}

  @Get()
  view(@Participant() participant: { id: string }): Promise<MyLessonView> {
    return this.lessons.view(participant.id);
  }

  @Get('edition')
  edition(@Participant() participant: { id: string }): Promise<MyEdition> {
    return this.lessons.edition(participant.id);
  }

  @Get('others')
  others(@Participant() participant: { id: string }): Promise<OthersWork> {
    return this.lessons.others(participant.id);
  }

  @Post('checks/:itemId')
  @HttpCode(200)
  check(@Participant() participant: { id: string }, @Param('itemId') itemId: string): Promise<AnswerCheck> {
    return this.lessons.check(participant.id, itemId);
  }

  @Post('checks')
  @HttpCode(200)
  tell(@Participant() participant: { id: string }, @Body() body: CheckAnswers): Promise<MyLessonView> {
    return this.lessons.tell(participant.id, body.itemIds);
  }

  @Post('signals')
  @HttpCode(204)
  signal(@Participant() participant: { id: string }, @Body() body: Signal): Promise<void> {
    return this.lessons.signal(participant.id, body);
  }

  @Post('submission')
  @HttpCode(200)
  submit(@Participant() participant: { id: string }, @Body() body: Submit): Promise<MyLessonView> {
    return this.lessons.submit(participant.id, body.key);
  }

  @Delete('submission')
  reopen(@Participant() participant: { id: string }): Promise<MyLessonView> {
    return this.lessons.reopen(participant.id);
  }
}
