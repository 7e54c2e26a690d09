/**
 * Launches: somebody opens something of ours on a platform, which is asked who they are (OpenID Connect's third-party initiated sign-in) and
 * says it in a signed token. It is taken up by the browser that asked, and by no other.
 */
import { Injectable, Logger } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { randomBytes } from 'node:crypto';
import { DataSource } from 'typeorm';
import { linkTokenHash, newLinkToken } from '../accounts/index.js';
import { type PlatformRow, PlatformTicketRow } from '../database/index.js';
import { refuse } from '../errors/index.js';
import { claimNames, type Launch, readLaunch } from './launch.js';
import { PlatformCallsService } from './platform-calls.service.js';

/** For how long a launch waits for its browser, in milliseconds. */
const LASTS_MS = 5 * 60_000;

/** What a browser remembers while the platform is asked. */
export interface Errand {
  readonly state: string;
  readonly nonce: string;
}

/** What a platform says when it sends somebody to be signed in. */
export interface SignInRequest {
  readonly loginHint: string;
  readonly messageHint: string;
}

/** A launch, and the claims that it was read from. */
export interface TakenUp {
  readonly launch: Launch;
  readonly claims: object;
}

@Injectable()
export class LaunchingService {
  private readonly log = new Logger('Platforms');

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly calls: PlatformCallsService,
  ) {}

  /** Where the platform is asked, and what the browser is to remember. @param backTo where it sends its answer */
  begin(
    { clientId, signInUrl }: PlatformRow,
    { loginHint, messageHint }: SignInRequest,
    backTo: string,
  ): { readonly url: string; readonly errand: Errand } {
    const errand = { state: randomBytes(24).toString('base64url'), nonce: randomBytes(24).toString('base64url') };
    const url = new URL(signInUrl);
    const asked = {
      ...{ scope: 'openid', response_type: 'id_token', response_mode: 'form_post', prompt: 'none' },
      ...{ client_id: clientId, redirect_uri: backTo, login_hint: loginHint, ...errand },
      ...(messageHint === '' ? {} : { lti_message_hint: messageHint }),
    };
    for (const [name, value] of Object.entries(asked)) url.searchParams.set(name, value);
    return { url: url.href, errand };
  }

  /** Keeps what a platform signed until its browser takes it up; gives the token by which it does. @throws ProblemException */
  async receive(platform: PlatformRow, idToken: string, state: string): Promise<string> {
    const claims = await this.calls.verified(platform, idToken).catch((error: unknown) => {
      this.log.warn(`A launch of ${platform.issuer} is not followed: ${String(error)}`);
      throw refuse(403, 'launch-not-verified');
    });
    if (claims[claimNames.deploymentId] !== platform.deploymentId) throw refuse(403, 'launch-not-verified');
    if (!readLaunch(claims)) throw refuse(422, 'launch-unknown');
    const { token, tokenHash } = newLinkToken();
    await this.database.getRepository(PlatformTicketRow).insert({
      ...{ tokenHash, platformId: platform.id, state, nonce: String(claims['nonce']), claims },
      expiresAt: new Date(Date.now() + LASTS_MS),
    });
    return token;
  }

  /** Takes a launch up, once. @throws ProblemException when it is not this browser's, or too late */
  async takeUp(platformId: string, token: string, errand: Errand | null): Promise<TakenUp> {
    const tokenHash = linkTokenHash(token);
    const tickets = this.database.getRepository(PlatformTicketRow);
    const ticket = await tickets.findOneBy({ tokenHash, platformId });
    const gone = await tickets.delete({ tokenHash });
    const isTheirs = ticket !== null && ticket.state === errand?.state && ticket.nonce === errand.nonce;
    const launch = isTheirs && gone.affected === 1 && ticket.expiresAt > new Date() ? readLaunch(ticket.claims) : null;
    if (!launch) throw refuse(410, 'launch-too-late');
    return { launch, claims: ticket?.claims ?? {} };
  }
}
