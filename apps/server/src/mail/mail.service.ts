/** Sends mail: by a server that takes it, or into the outbox, which stands in for one on the machine it runs on. */
import { newId } from '@gobrel/core/deck';
import type { OutboxMail } from '@gobrel/contract';
import { Inject, Injectable, Logger } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { createTransport } from 'nodemailer';
import { DataSource } from 'typeorm';
import { OutboxRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { isLoopback, PLACE, type Place } from '../place.js';
import { type Mail, MAIL, type MailSettings } from './mail.js';

/** The most mails that the outbox shows. */
const MOST_SHOWN = 100;
/** How long a server that takes mail may take, in milliseconds. */
const LONGEST = 10_000;

@Injectable()
export class MailService {
  private readonly log = new Logger('Mail');
  private readonly transport;

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    @Inject(PLACE) private readonly place: Place,
    @Inject(MAIL) private readonly settings: MailSettings,
  ) {
    this.transport =
      settings.smtp === null
        ? null
        : createTransport({
            url: settings.smtp,
            connectionTimeout: LONGEST,
            greetingTimeout: LONGEST,
            socketTimeout: LONGEST,
          });
  }

  /**
   * Whether mail is read here rather than sent: nobody but those at this machine may read what goes to others. Where
   * neither is so, there is no mail.
   */
  get hasOutbox(): boolean {
    return this.transport === null && isLoopback(this.place.host) && !this.place.isBehindTls;
  }

  /** Whether mail reaches those it is for, wherever they are. */
  get isSent(): boolean {
    return this.transport !== null;
  }

  /** Whether mail is sent, or read here. */
  get isThere(): boolean {
    return this.isSent || this.hasOutbox;
  }

  /** @throws ProblemException where there is no mail */
  expectMail(): void {
    if (!this.isThere) throw refuse(503, 'no-mail');
  }

  /** Sends a mail; what the server that takes it says against it is logged, as nobody waits for it. */
  async send({ to, subject, text }: Mail): Promise<void> {
    this.expectMail();
    if (this.transport === null) {
      await this.database.getRepository(OutboxRow).insert({ id: newId(), to, subject, text, sentAt: new Date() });
      return;
    }
    try {
      await this.transport.sendMail({ from: this.settings.from, to, subject, text });
    } catch (error) {
      this.log.error(`A mail was not taken: ${error instanceof Error ? error.message : String(error)}`);
    }
  }

  /** The mails of the outbox, the newest first. @throws ProblemException where there is none to be read */
  async outbox(): Promise<OutboxMail[]> {
    if (!this.hasOutbox) throw refuse(404, 'nothing-here');
    const rows = await this.database
      .getRepository(OutboxRow)
      .find({ order: { sentAt: 'DESC', id: 'ASC' }, take: MOST_SHOWN });
    return rows.map(({ id, to, subject, text, sentAt }) => ({ id, to, subject, text, sentAt: sentAt.toISOString() }));
  }
}
