/** Mail. */
import { Global, Module } from '@nestjs/common';
import { MAIL, mailFrom } from './mail.js';
import { MailService } from './mail.service.js';
import { OutboxController } from './outbox.controller.js';

@Global()
@Module({
  controllers: [OutboxController],
  providers: [MailService, { provide: MAIL, useFactory: () => mailFrom(process.env) }],
  exports: [MailService],
})
export class MailModule {}
