/** Taking along what somebody has, and leaving. */
import { Leaving } from '@gobrel/contract';
import { Body, Controller, Get, HttpCode, Param, Post, Res } from '@nestjs/common';
import type { Response } from 'express';
import { Allow, TeacherId } from '../accounts/index.js';
import { sendZip } from '../files/index.js';
import { BackupsService } from './backups.service.js';
import { LeavingService } from './leaving.service.js';

@Controller('api')
@Allow('teacher')
export class TakingAlongController {
  constructor(
    private readonly backups: BackupsService,
    private readonly leaving: LeavingService,
  ) {}

  @Get('decks/:id/backup')
  async deck(@TeacherId() teacherId: string, @Param('id') id: string, @Res() response: Response): Promise<void> {
    const { name, write } = await this.backups.ofDeck(teacherId, id);
    await sendZip(response, name, write);
  }

  @Get('lessons/:id/deck-backup')
  async pages(@TeacherId() teacherId: string, @Param('id') id: string, @Res() response: Response): Promise<void> {
    const { name, write } = await this.backups.ofPages(teacherId, id);
    await sendZip(response, name, write);
  }

  @Get('accounts/everything')
  async everything(@TeacherId() teacherId: string, @Res() response: Response): Promise<void> {
    await sendZip(response, 'gobrel.zip', (out) => this.backups.ofEverything(teacherId, out));
  }

  @Post('accounts/leave')
  @HttpCode(204)
  leave(@TeacherId() teacherId: string, @Body() body: Leaving): Promise<void> {
    return this.leaving.leave(teacherId, body);
  }
}
