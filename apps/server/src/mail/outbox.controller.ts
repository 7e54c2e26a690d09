/** The outbox, for whoever sits at the machine that the server runs on. */
import type { OutboxMail } from '@gobrel/contract';
import { Controller, Get, Req } from '@nestjs/common';
import type { Request } from 'express';
import { Allow } from '../accounts/access.js';
import { refuse } from '../errors/index.js';
import { isLoopback } from '../place.js';
import { MailService } from './mail.service.js';

@Controller('api/outbox')
export class OutboxController {
  constructor(private readonly mail: MailService) {}

  @Get()
  @Allow('anyone')
  list(@Req() request: Request): Promise<OutboxMail[]> {
    // A proxy, or a name that leads here, would let others read it.
    const isFromHere = isLoopback(request.hostname) && request.headers['x-forwarded-for'] === undefined;
    if (!isFromHere) throw refuse(404, 'nothing-here');
    return this.mail.outbox();
  }
}
