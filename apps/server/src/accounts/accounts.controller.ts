/** Creating an account, signing in and out, and who is signed in, over HTTP. */
import {
  AccountLanguage,
  AccountToken,
  ChangePassword,
  type DeviceView,
  EmailToken,
  ForgottenPassword,
  NewAccount,
  type NewAccountAnswer,
  NewEmail,
  NewPassword,
  OwnName,
  type SessionView,
  SignIn,
} from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Inject, Ip, Param, Post, Put, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { AuditService } from '../audit/index.js';
import { Allow, type IdentifiedRequest, TeacherId } from './access.js';
import { MAIL_LANGUAGES } from '../mail/index.js';
import { PLACE, type Place, siteOf } from '../place.js';
import { languageFor } from '../languages.js';
import { AccountChangesService } from './account-changes.service.js';
import { AccountsService } from './accounts.service.js';
import { PasswordsService } from './passwords.service.js';
import { RegistrationService } from './registration.service.js';
import { SessionsService } from './sessions.service.js';

@Controller('api')
export class AccountsController {
  constructor(
    private readonly accounts: AccountsService,
    private readonly registration: RegistrationService,
    private readonly sessions: SessionsService,
    private readonly audit: AuditService,
    private readonly passwords: PasswordsService,
    private readonly changes: AccountChangesService,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  @Post('accounts')
  @Allow('anyone')
  async create(
    @Body() body: NewAccount,
    @Ip() address: string,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<NewAccountAnswer> {
    const teacherId = await this.registration.register(body, {
      from: address,
      site: siteOf(this.place, request),
      language: languageFor(request, MAIL_LANGUAGES),
      cookies: request.headers.cookie,
      response,
    });
    if (teacherId !== null) await this.sessions.start(response, 'teacher', teacherId);
    return { isMailed: teacherId === null };
  }

  @Post('accounts/confirm')
  @HttpCode(204)
  @Allow('anyone')
  async confirm(
    @Body() body: AccountToken,
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<void> {
    const teacherId = await this.registration.confirm(body, { cookies: request.headers.cookie, response });
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

  @Put('accounts/name')
  @HttpCode(204)
  @Allow('teacher')
  rename(@TeacherId() teacherId: string, @Body() { name }: OwnName): Promise<void> {
    return this.changes.rename(teacherId, name);
  }

  @Put('accounts/email')
  @HttpCode(204)
  @Allow('teacher')
  changeEmail(@TeacherId() teacherId: string, @Body() body: NewEmail, @Req() request: Request): Promise<void> {
    return this.changes.sendLink(teacherId, body, siteOf(this.place, request), languageFor(request, MAIL_LANGUAGES));
  }

  @Post('accounts/email/confirm')
  @HttpCode(204)
  @Allow('anyone')
  confirmEmail(@Body() { token }: EmailToken): Promise<void> {
    return this.changes.confirm(token);
  }

  @Get('accounts/devices')
  @Allow('teacher')
  devices(@TeacherId() teacherId: string, @Req() request: Request): Promise<DeviceView[]> {
    return this.sessions.devices(teacherId, request.headers.cookie);
  }

  /** Signs out every other device. */
  @Delete('accounts/devices')
  @HttpCode(204)
  @Allow('teacher')
  endOthers(@TeacherId() teacherId: string, @Req() request: Request): Promise<void> {
    return this.sessions.endTeacher(teacherId, request.headers.cookie ?? '');
  }

  @Delete('accounts/devices/:id')
  @HttpCode(204)
  @Allow('teacher')
  endDevice(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.sessions.endDevice(teacherId, id);
  }

  /** Sends a link to whoever forgot their password; the answer tells nobody whether there is such an account. */
  @Post('accounts/forgotten-password')
  @HttpCode(204)
  @Allow('anyone')
  forgotten(@Body() { email }: ForgottenPassword, @Ip() address: string, @Req() request: Request): Promise<void> {
    const language = languageFor(request, MAIL_LANGUAGES);
    return this.passwords.sendLink(email, address, siteOf(this.place, request), language);
  }

  @Post('accounts/new-password')
  @HttpCode(204)
  @Allow('anyone')
  setPassword(@Body() body: NewPassword): Promise<void> {
    return this.passwords.setByLink(body);
  }

  @Put('accounts/password')
  @HttpCode(204)
  @Allow('teacher')
  changePassword(
    @TeacherId() teacherId: string,
    @Body() body: ChangePassword,
    @Req() request: IdentifiedRequest,
  ): Promise<void> {
    return this.passwords.change(teacherId, body, request.headers.cookie);
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
