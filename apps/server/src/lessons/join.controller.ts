/** Coming into a lesson, over HTTP: whoever comes in is signed in as a participant of it. */
import { Join, JoinAsGuest, type JoinView, type MyLessonView } from '@gobrel/contract';
import { Body, Controller, Get, HttpCode, Ip, Param, Post, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { Allow, SessionsService } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { JoiningService, type Seated } from './joining.service.js';
import { MyLessonService } from './my-lesson.service.js';
import { WorkLockService } from './work-lock.service.js';

@Controller('api/join')
@Allow('anyone')
export class JoinController {
  constructor(
    private readonly joining: JoiningService,
    private readonly sessions: SessionsService,
    private readonly workLock: WorkLockService,
    private readonly mine: MyLessonService,
    private readonly audit: AuditService,
  ) {}

  @Get(':code')
  look(@Param('code') code: string, @Ip() address: string): Promise<JoinView> {
    return this.joining.look(code, address);
  }

  @Post()
  @HttpCode(200)
  async join(
    @Body() body: Join,
    @Ip() address: string,
    @Req() { headers }: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<MyLessonView> {
    const seated = await this.joining.join(body, address, headers.cookie, response);
    return this.letIn(response, seated, 'student came in');
  }

  @Post('guest')
  @HttpCode(200)
  async joinAsGuest(
    @Body() body: JoinAsGuest,
    @Ip() address: string,
    @Res({ passthrough: true }) response: Response,
  ): Promise<MyLessonView> {
    return this.letIn(response, await this.joining.joinAsGuest(body, address), 'guest came in');
  }

  private async letIn(
    response: Response,
    { lesson, participant }: Seated,
    act: 'student came in' | 'guest came in',
  ): Promise<MyLessonView> {
    await this.audit.note({ act, by: null, subject: participant.id, place: lesson.id });
    await this.sessions.start(response, 'participant', participant.id);
    this.workLock.tell(lesson.id);
    return this.mine.viewOf(participant, lesson);
  }
}
