/** Tokens by which a teacher's own scripts use the HTTP API: made, taken back, and looked at with every request. */
import { type MadeToken, MOST_TOKENS, type NewToken, type TokenScope, type TokenView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { type ExecutionContext, Injectable } from '@nestjs/common';
import { Reflector } from '@nestjs/core';
import { InjectDataSource } from '@nestjs/typeorm';
import type { Request } from 'express';
import { DataSource, MoreThan } from 'typeorm';
import { AuditService } from '../audit/index.js';
import { ApiTokenRow } from '../database/index.js';
import { refuse, refuseWith } from '../errors/index.js';
import { SCOPE } from './access.js';
import { AttemptsService } from './attempts.service.js';
import { linkTokenHash, newLinkToken } from './link-token.js';

/** How a token begins, so that whoever finds one lying about knows what it is. */
const MARK = 'gobrel_';
const DAY_MS = 24 * 60 * 60 * 1000;
/** The most requests of a token, and wrong tokens of a network address, within a minute. */
const MOST_REQUESTS = 600;
const MOST_WRONG = 60;

@Injectable()
export class TokensService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly reflector: Reflector,
    private readonly attempts: AttemptsService,
    private readonly audit: AuditService,
  ) {}

  /** A teacher's tokens, the last one first. */
  async list(teacherId: string): Promise<TokenView[]> {
    const rows = await this.rows.find({
      where: { teacherId, expiresAt: MoreThan(new Date()) },
      order: { expiresAt: 'DESC', id: 'ASC' },
    });
    return rows.map(({ id, name, scopes, expiresAt, lastUsedAt }) => ({
      ...{ id, name, scopes, expiresAt: expiresAt.toISOString(), lastUsedAt: lastUsedAt?.toISOString() ?? null },
    }));
  }

  /** A new one, which is said this once. */
  async make(teacherId: string, { name, scopes, days }: NewToken): Promise<MadeToken> {
    if ((await this.list(teacherId)).length >= MOST_TOKENS)
      throw refuseWith(409, 'too-many-tokens', { most: MOST_TOKENS });
    const token = `${MARK}${newLinkToken().token}`;
    const expiresAt = new Date(Date.now() + days * DAY_MS);
    const row = { id: newId(), teacherId, name, scopes, tokenHash: linkTokenHash(token), expiresAt, lastUsedAt: null };
    await this.rows.insert(row);
    await this.audit.note({ act: 'token made', by: teacherId, place: row.id });
    return { token, tokens: await this.list(teacherId) };
  }

  /** Takes one back: whoever has it is let in no more. */
  async takeBack(teacherId: string, id: string): Promise<TokenView[]> {
    await this.audit.note({ act: 'token taken back', by: teacherId, place: id });
    await this.rows.delete({ teacherId, id });
    return this.list(teacherId);
  }

  /** The teacher whose token a request brings, which allows what its route does. @throws ProblemException */
  async owner(context: ExecutionContext, { headers, ip = '' }: Request): Promise<string> {
    const [, token = ''] = /^Bearer (\S+)$/i.exec(headers.authorization ?? '') ?? [];
    const row = token.startsWith(MARK)
      ? await this.rows.findOneBy({ tokenHash: linkTokenHash(token), expiresAt: MoreThan(new Date()) })
      : null;
    if (!row) {
      await this.attempts.countWithin(`tokens from ${ip}`, MOST_WRONG);
      throw refuse(401, 'token-unknown');
    }
    await this.attempts.countWithin(`token ${row.id}`, MOST_REQUESTS);
    const scope = this.reflector.get<TokenScope | undefined>(SCOPE, context.getHandler());
    if (scope === undefined || !row.scopes.includes(scope)) throw refuse(403, 'scope-missing');
    await this.rows.update({ id: row.id }, { lastUsedAt: new Date() });
    return row.teacherId;
  }

  private get rows() {
    return this.database.getRepository(ApiTokenRow);
  }
}
