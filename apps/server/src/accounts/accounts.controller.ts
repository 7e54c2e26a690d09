/** Creating an account, signing in and out, and who is signed in, over HTTP. */
import { AccountLanguage, NewAccount, type SessionView, SignIn } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Ip, Post, Put, Req, Res } from '@nestjs/common';
import type { Response } from 'express';
import { AuditService } from '../audit/index.js';
import { Allow, type IdentifiedRequest, TeacherId } from './access.js';
import { AccountsService } from './accounts.service.js';
import { SessionsService } from './sessions.service.js';

@Controller('api')
export class AccountsController {
  constructor(
    private readonly accounts: AccountsService,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
  ) {}

  @Post('accounts')
  @Allow('anyone')
  async create(
    @Body() body: NewAccount,
    @Ip() address: string,
    @Req() request: IdentifiedRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const teacherId = await this.accounts.create(body, address, request.headers.cookie, response);
    await this.sessions.start(response, 'teacher', teacherId);
  }

  @Post('session')
  @HttpCode(204)
  @Allow('anyone')
  async signIn(
    @Body() body: SignIn,
    @Req() request: IdentifiedRequest,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const teacherId = await this.accounts.prove(body, request.headers.cookie, response);
    await this.audit.note({ act: 'teacher signed in', by: teacherId });
    await this.sessions.start(response, 'teacher', teacherId);
  }

  @Put('accounts/language')
  @HttpCode(204)
  @Allow('teacher')
  speak(@TeacherId() teacherId: string, @Body() { language }: AccountLanguage): Promise<void> {
    return this.accounts.speak(teacherId, language);
  }

  @Delete('session')
  @HttpCode(204)
  @Allow('anyone')
  async signOut(@Req() request: IdentifiedRequest, @Res({ passthrough: true }) response: Response): Promise<void> {
    await this.sessions.end(request.headers.cookie, response, 'teacher');
  }

  @Delete('session/student')
  @HttpCode(204)
  @Allow('anyone')
  async leave(@Req() request: IdentifiedRequest, @Res({ passthrough: true }) response: Response): Promise<void> {
    await this.sessions.end(request.headers.cookie, response, 'participant');
  }

  @Get('session')
  @Allow('anyone')
  current(@Req() request: IdentifiedRequest): Promise<SessionView> {
    return this.accounts.whoIs(request.identity ?? { teacherId: null, participant: null });
  }
}
