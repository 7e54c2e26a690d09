/** Coming into a lesson, over HTTP: whoever comes in is signed in as a participant of it. */
import { Join, JoinAsGuest, type JoinView, type MyLessonView } from '@gobrel/contract';
import { Body, Controller, Get, HttpCode, Ip, Param, Post, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { Allow } from '../accounts/index.js';
import { JoiningService, type Seated } from './joining.service.js';
import { LettingInService } from './letting-in.service.js';
import { MyLessonService } from './my-lesson.service.js';

@Controller('api/join')
@Allow('anyone')
export class JoinController {
  constructor(
    private readonly joining: JoiningService,
    private readonly lettingIn: LettingInService,
    private readonly mine: MyLessonService,
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
    seated: Seated,
    act: 'student came in' | 'guest came in',
  ): Promise<MyLessonView> {
    await this.lettingIn.letIn(response, seated, act);
    return this.mine.viewOf(seated.participant, seated.lesson);
  }
}
