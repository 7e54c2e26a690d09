/**
 * Making an account. Where mail is sent, the address is confirmed by a link first, and the answer is the same whether
 * somebody has it already: only its holder learns that, by the mail. Where no mail can reach anybody, an account is made at once.
 */
import { type AccountToken, type NewAccount, purposeOfAccount } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Injectable, Logger } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import type { Response } from 'express';
import { DataSource, type EntityManager, MoreThan } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { hasInserted } from '../database/has-inserted.js';
import { TeacherRow, WaitingAccountRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { MailService, mailTexts } from '../mail/index.js';
import { AttemptsService } from './attempts.service.js';
import { teacherBy } from './colleague.js';
import { KnownDevicesService } from './known-devices.service.js';
import { linkTokenHash, newLinkToken } from './link-token.js';
import { isGuessable } from './password-rules.js';
import { SecretsService } from './secrets.service.js';
import { subjectOf } from './subject.js';

/** Accounts that may be made for nothing from one network address within a minute: a whole school sits behind one. */
const MOST_ACCOUNTS = 60;
/** For how long a link is good, in milliseconds. */
const LASTS_MS = 24 * 60 * 60 * 1000;
/** Mails about a new account that one address is sent within a minute. */
const MOST_MAILS = 3;
/** Passwords that are tried by one link within a minute. */
const MOST_TRIES = 5;

/** What an account is made of. */
type Made = Pick<WaitingAccountRow, 'email' | 'name' | 'passwordHash'>;

/** A browser that asks. */
interface Browser {
  readonly cookies: string | undefined;
  /** Learns that its user is known on it. */
  readonly response: Response;
}

/** Who asks for an account, and from where. */
interface Asking extends Browser {
  /** The network address that asks. */
  readonly from: string;
  /** Where the application is, without a slash at its end. */
  readonly site: string;
  readonly language: string;
}

@Injectable()
export class RegistrationService {
  private readonly log = new Logger('Registration');

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly attempts: AttemptsService,
    private readonly secrets: SecretsService,
    private readonly devices: KnownDevicesService,
    private readonly mail: MailService,
    private readonly audit: AuditService,
  ) {}

  /**
   * Makes an account, or has its address confirmed first.
   * @returns the teacher's id; `null` where a mail is on its way
   * @throws ProblemException where the password is no good, or, where no mail is sent, when somebody has the address
   */
  async register(account: NewAccount, asking: Asking): Promise<string | null> {
    const { email, name, password, then, toll = '' } = account;
    if (isGuessable(password, { name, email })) throw refuse(422, 'not-valid', { password: 'password-guessable' });
    const payment = { purpose: purposeOfAccount(email), paid: toll };
    await this.attempts.countPaid(`accounts:${asking.from}`, MOST_ACCOUNTS, payment);
    const passwordHash = await this.secrets.hashPassword(password, `accounts of ${asking.from}`);
    const made = { email, name, passwordHash };
    if (!this.mail.isSent) {
      const id = await insertTeacher(this.database.manager, made);
      if (id === null) throw refuse(409, 'address-taken', { email: 'address-taken' });
      await this.devices.remember(subjectOf(email), asking.cookies, asking.response);
      return id;
    }
    await this.attempts.countWithin(`new accounts of ${email.toLowerCase()}`, MOST_MAILS);
    const holder = await teacherBy(this.database, email);
    const sending = holder ? this.tellHolder(holder, asking) : this.sendLink(made, then, asking);
    // Nobody waits for the mail: how long it takes would tell who is known.
    void sending.catch((error: unknown) =>
      this.log.error(`No mail about a new account: ${error instanceof Error ? error.message : String(error)}`),
    );
    return null;
  }

  /**
   * Makes an account whose address is confirmed by its link, which is good once. Its password is asked for again: whoever
   * was sent a link that they did not ask for would else have an account that somebody else can get into.
   * @returns the teacher's id
   */
  async confirm({ token, password }: AccountToken, browser: Browser): Promise<string> {
    const key = { tokenHash: linkTokenHash(token) };
    const good = { ...key, expiresAt: MoreThan(new Date()) };
    const row = await this.database.getRepository(WaitingAccountRow).findOneBy(good);
    if (!row) throw refuse(410, 'link-is-used-up');
    await this.attempts.countWithin(`confirming ${key.tokenHash}`, MOST_TRIES);
    if (!(await this.secrets.matches(password, row.passwordHash, subjectOf(row.email))))
      throw refuse(422, 'not-valid', { password: 'password-wrong' });
    const id = await this.database.transaction(async (manager) => {
      // Of two who follow the link, one comes too late.
      if ((await manager.delete(WaitingAccountRow, key)).affected === 0) throw refuse(410, 'link-is-used-up');
      await manager.query('DELETE FROM waiting_account WHERE lower(email) = lower($1)', [row.email]);
      return insertTeacher(manager, row);
    });
    if (id === null) throw refuse(409, 'address-taken');
    await this.devices.remember(subjectOf(row.email), browser.cookies, browser.response);
    await this.audit.note({ act: 'account confirmed', by: id });
    return id;
  }

  private async sendLink({ email, name, passwordHash }: Made, then: string | undefined, { site, language }: Asking) {
    const { token, tokenHash } = newLinkToken();
    const expiresAt = new Date(Date.now() + LASTS_MS);
    await this.database.getRepository(WaitingAccountRow).insert({ tokenHash, email, name, passwordHash, expiresAt });
    const says = mailTexts(language);
    const onward = then === undefined ? '' : `?then=${encodeURIComponent(then)}`;
    const text = says.accountText({ name, link: `${site}/confirm-account/${token}${onward}` });
    await this.mail.send({ to: email, subject: says.accountSubject, text });
  }

  private tellHolder({ name, email, language: own }: TeacherRow, { site, language }: Asking): Promise<void> {
    const says = mailTexts(own ?? language);
    const text = says.accountTakenText({ name, signIn: `${site}/sign-in`, forgotten: `${site}/forgotten-password` });
    return this.mail.send({ to: email, subject: says.accountTakenSubject, text });
  }
}

/** The id of a new account; `null` where somebody has the address. */
async function insertTeacher(manager: EntityManager, { email, name, passwordHash }: Made): Promise<string | null> {
  const id = newId();
  const result = await manager
    .createQueryBuilder()
    .insert()
    .into(TeacherRow)
    .values({ id, email, name, passwordHash })
    .orIgnore()
    .returning('id')
    .execute();
  return hasInserted(result) ? id : null;
}
