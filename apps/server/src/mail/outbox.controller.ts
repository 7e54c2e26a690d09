/** The outbox, for whoever sits at the machine that the server runs on. */
import type { OutboxMail } from '@gobrel/contract';
import { Controller, Get } from '@nestjs/common';
import { Allow } from '../accounts/access.js';
import { MailService } from './mail.service.js';

@Controller('api/outbox')
export class OutboxController {
  constructor(private readonly mail: MailService) {}

  @Get()
  @Allow('anyone')
  list(): Promise<OutboxMail[]> {
    return this.mail.outbox();
  }
}
