/** Asking people to a deck by mail: those with an account hear of it, all others come by the mail's link. */
import type { InvitationView, InvitedAuthor } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { formatDocumentName, readDeckDocument } from '@gobrel/core/shared-doc';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { AttemptsService, linkTokenHash, newLinkToken } from '../accounts/index.js';
import { AuditService } from '../audit/index.js';
import { DeckAuthorRow, DeckRow, InvitationRow, TeacherRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { MailService, mailTexts } from '../mail/index.js';
import { SyncService } from '../sync/index.js';

/** Mails that one teacher has sent within a minute. */
const MOST_ASKED = 30;

/** From where somebody is asked. */
export interface Inviting {
  /** Where the application is, without a slash at its end. */
  readonly site: string;
  /** The language of who asks, for whoever has none of their own here. */
  readonly language: string;
}

@Injectable()
export class InvitationsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sync: SyncService,
    private readonly attempts: AttemptsService,
    private readonly audit: AuditService,
    private readonly mail: MailService,
  ) {}

  /**
   * Sends a link to somebody without an account; a second one makes the first one useless.
   * @throws ProblemException where no mail can be sent, as nobody could come then
   */
  async invite(by: string, deckId: string, invited: InvitedAuthor, inviting: Inviting): Promise<void> {
    if (!this.mail.isThere) throw refuse(404, 'no-such-account', { email: 'no-such-account' });
    await this.attempts.countWithin(`invitations of ${by}`, MOST_ASKED);
    const { token, tokenHash } = newLinkToken();
    const { may = 'edit', until = null } = invited;
    const email = invited.email.toLowerCase();
    await this.database
      .getRepository(InvitationRow)
      .upsert({ id: newId(), tokenHash, deckId, email, may, until: until === null ? null : new Date(until) }, [
        'deckId',
        'email',
      ]);
    const says = mailTexts(inviting.language);
    const facts = { ...(await this.facts(by, deckId)), link: `${inviting.site}/invited/${token}` };
    await this.mail.send({ to: email, subject: says.invitedSubject(facts), text: says.invitedText(facts) });
  }

  /** Tells somebody with an account that a deck is shared with them, where mail is sent. */
  async tell(by: string, deckId: string, to: TeacherRow, inviting: Inviting): Promise<void> {
    if (!this.mail.isThere) return;
    await this.attempts.countWithin(`invitations of ${by}`, MOST_ASKED);
    const says = mailTexts(to.language ?? inviting.language);
    const facts = { ...(await this.facts(by, deckId)), link: `${inviting.site}/decks/${deckId}` };
    await this.mail.send({ to: to.email, subject: says.sharedSubject(facts), text: says.sharedText(facts) });
  }

  /** What a mail's link leads to. */
  async look(token: string): Promise<InvitationView> {
    const { deckId, may } = await this.invitation(token);
    const { ownerId } = await this.database.getRepository(DeckRow).findOneByOrFail({ id: deckId });
    const { title, name } = await this.facts(ownerId, deckId);
    return { title, by: name, may };
  }

  /** Lets in whoever follows a mail's link, once. Gives the deck's id. */
  async accept(token: string, teacherId: string): Promise<string> {
    const { id, deckId, may, until } = await this.invitation(token);
    const { ownerId } = await this.database.getRepository(DeckRow).findOneByOrFail({ id: deckId });
    await this.audit.note({ act: 'came in by a link', by: teacherId, subject: teacherId, place: deckId });
    await this.database.transaction(async (manager) => {
      // Of two who follow the link, one comes too late.
      const gone = await manager.delete(InvitationRow, { id });
      if (gone.affected === 0) throw refuse(410, 'link-is-used-up');
      if (ownerId !== teacherId)
        await manager.upsert(DeckAuthorRow, { deckId, teacherId, may, until }, ['deckId', 'teacherId']);
    });
    return deckId;
  }

  private async invitation(token: string): Promise<InvitationRow> {
    const row = await this.database.getRepository(InvitationRow).findOneBy({ tokenHash: linkTokenHash(token) });
    const deck = row && (await this.database.getRepository(DeckRow).findOneBy({ id: row.deckId }));
    const isOver = row?.until != null && row.until <= new Date();
    if (!row || !deck || deck.deletedAt !== null || isOver) throw refuse(410, 'link-is-used-up');
    return row;
  }

  private async facts(by: string, deckId: string) {
    const { name } = await this.database.getRepository(TeacherRow).findOneByOrFail({ id: by });
    const { title } = readDeckDocument(await this.sync.read(formatDocumentName({ kind: 'deck', deckId })));
    return { name, title };
  }
}
