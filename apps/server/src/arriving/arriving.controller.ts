/** Arrivals from outside, over HTTP: who waits, connecting by a password, and the systems a teacher signs in by. */
import { ConnectAccount, type ConnectionView, type WaitingView } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { Allow, TeacherId } from '../accounts/index.js';
import { OutsideIdentitiesService } from './outside-identities.service.js';
import { TeacherArrivalsService } from './teacher-arrivals.service.js';
import { WaitingArrivalsService } from './waiting-arrivals.service.js';

@Controller('api')
export class ArrivingController {
  constructor(
    private readonly arrivals: TeacherArrivalsService,
    private readonly waiting: WaitingArrivalsService,
    private readonly identities: OutsideIdentitiesService,
  ) {}

  /** Who waits in this browser. */
  @Get('arrivals/waiting')
  @Allow('anyone')
  async whoWaits(@Req() { headers }: Request): Promise<{ readonly waiting: WaitingView | null }> {
    const person = await this.waiting.waiting(headers.cookie);
    return { waiting: person && { email: person.email, name: person.name } };
  }

  @Post('arrivals/connect')
  @HttpCode(204)
  @Allow('anyone')
  connect(
    @Body() { present }: ConnectAccount,
    @Req() { headers }: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    return this.arrivals.connect(headers.cookie, present, response);
  }

  @Get('accounts/connections')
  @Allow('teacher')
  connections(@TeacherId() teacherId: string): Promise<ConnectionView[]> {
    return this.identities.ofTeacher(teacherId);
  }

  @Delete('accounts/connections/:id')
  @HttpCode(204)
  @Allow('teacher')
  disconnect(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.arrivals.disconnect(teacherId, id);
  }
}
