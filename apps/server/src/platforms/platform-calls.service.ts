/** Asking a platform and telling it things, with the tokens that it gives for that (OAuth 2.0 client credentials, signed by our key). */
import { readFields, readNumber, readString } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { createRemoteJWKSet, customFetch, type JWTPayload, jwtVerify } from 'jose';
import type { PlatformRow } from '../database/index.js';
import { askOutside, type OutsideAnswer, type OutsideCall } from './outside-calls.js';
import { PlatformsService } from './platforms.service.js';
import { ToolKeyService } from './tool-key.service.js';

/** For how long our own proof is good, in seconds. */
const PROOF_S = 300;
/** A token is given up this long before it ends, in milliseconds. */
const BEFORE_END_MS = 60_000;
/** How far a platform's clock may be from ours, and how old what it signed, in seconds. */
const CLOCKS_APART_S = 60;
const OLDEST_S = 600;

/** A platform's answer that is not a success; its message says which. */
export class PlatformRefusal extends Error {
  constructor(url: string, { status, text }: OutsideAnswer) {
    // Of a page only its words.
    const words = text
      .replace(/<[^>]*>/g, ' ')
      .replace(/\s+/g, ' ')
      .trim();
    super(`${new URL(url).host} answers ${status}: ${words.slice(0, 200)}`);
  }
}

@Injectable()
export class PlatformCallsService {
  private readonly tokens = new Map<string, { readonly token: string; readonly until: number }>();
  private readonly keys = new Map<string, ReturnType<typeof createRemoteJWKSet>>();

  constructor(
    private readonly platforms: PlatformsService,
    private readonly key: ToolKeyService,
  ) {}

  /** The claims of something that a platform signed for us. @throws when it did not */
  async verified(platform: PlatformRow, token: string): Promise<JWTPayload> {
    const { payload } = await jwtVerify(token, this.keysOf(platform), {
      ...{ issuer: platform.issuer, audience: platform.clientId, algorithms: ['RS256'] },
      ...{ clockTolerance: CLOCKS_APART_S, maxTokenAge: OLDEST_S, requiredClaims: ['exp', 'iat', 'nonce', 'sub'] },
    });
    if (Array.isArray(payload.aud) && payload.aud.length > 1 && payload['azp'] !== platform.clientId)
      throw new Error('it is for somebody else as well');
    return payload;
  }

  /** Asks a platform for what a scope allows. @throws PlatformRefusal, or an Error when it cannot be reached */
  async ask(platform: PlatformRow, scope: string, call: OutsideCall): Promise<OutsideAnswer> {
    const send = async () =>
      askOutside(
        { ...call, headers: { ...call.headers, authorization: `Bearer ${await this.token(platform, scope)}` } },
        this.platforms.allowsNear,
      );
    const first = await send();
    // A token may have ended on its way.
    if (first.status === 401) this.tokens.delete(`${platform.id} ${scope}`);
    const answer = first.status === 401 ? await send() : first;
    if (answer.status < 200 || answer.status >= 300) throw new PlatformRefusal(call.url, answer);
    return answer;
  }

  private async token(platform: PlatformRow, scope: string): Promise<string> {
    const kept = `${platform.id} ${scope}`;
    const known = this.tokens.get(kept);
    if (known && known.until > Date.now()) return known.token;
    const { clientId, tokenUrl } = platform;
    const proof = await this.key.signed({ iss: clientId, sub: clientId, aud: tokenUrl }, PROOF_S);
    const body = new URLSearchParams({
      grant_type: 'client_credentials',
      client_assertion_type: 'urn:ietf:params:oauth:client-assertion-type:jwt-bearer',
      client_assertion: proof,
      scope,
    });
    const answer = await askOutside(
      {
        ...{ method: 'POST', url: tokenUrl, body: body.toString() },
        headers: { 'content-type': 'application/x-www-form-urlencoded', accept: 'application/json' },
      },
      this.platforms.allowsNear,
    );
    const said = answer.status === 200 ? readFields(JSON.parse(answer.text)) : null;
    const token = readString(said?.['access_token'], '');
    if (token === '') throw new PlatformRefusal(tokenUrl, answer);
    const lasts = readNumber(said?.['expires_in'], 3600) * 1000;
    this.tokens.set(kept, { token, until: Date.now() + lasts - BEFORE_END_MS });
    return token;
  }

  private keysOf({ id, keysUrl }: PlatformRow): ReturnType<typeof createRemoteJWKSet> {
    const known = this.keys.get(id);
    if (known) return known;
    const keys = createRemoteJWKSet(new URL(keysUrl), {
      [customFetch]: async (url: string) => {
        const { status, text, headers } = await askOutside({ method: 'GET', url }, this.platforms.allowsNear);
        return new Response(text, { status, headers: { 'content-type': headers['content-type'] ?? '' } });
      },
    });
    this.keys.set(id, keys);
    return keys;
  }
}
