/** Taking along what somebody has, and leaving. */
import { Leaving } from '@gobrel/contract';
import { Body, Controller, Get, HttpCode, Param, Post, Res } from '@nestjs/common';
import type { Response } from 'express';
import { Allow, TeacherId } from '../accounts/index.js';
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
    await sent(response.attachment(name).type('application/zip'), write);
  }

  @Get('lessons/:id/deck-backup')
  async pages(@TeacherId() teacherId: string, @Param('id') id: string, @Res() response: Response): Promise<void> {
    const { name, write } = await this.backups.ofPages(teacherId, id);
    await sent(response.attachment(name).type('application/zip'), write);
  }

  @Get('accounts/everything')
  async everything(@TeacherId() teacherId: string, @Res() response: Response): Promise<void> {
    await sent(response.attachment('gobrel.zip').type('application/zip'), (out) =>
      this.backups.ofEverything(teacherId, out),
    );
  }

  @Post('accounts/leave')
  @HttpCode(204)
  leave(@TeacherId() teacherId: string, @Body() body: Leaving): Promise<void> {
    return this.leaving.leave(teacherId, body);
  }
}

/** Writes an answer bit by bit. What fails on the way breaks it off, so that nobody takes a part for the whole. */
async function sent(response: Response, write: (out: Response) => Promise<void>): Promise<void> {
  try {
    await write(response);
  } catch (error) {
    if (!response.headersSent) throw error;
    response.destroy(error instanceof Error ? error : undefined);
  }
}
