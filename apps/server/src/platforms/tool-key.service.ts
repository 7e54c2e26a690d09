/** Our own key, by which platforms know that something is from us: made at the first need, and the same for every process. */
import { newId } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import {
  calculateJwkThumbprint,
  exportJWK,
  generateKeyPair,
  importJWK,
  type JWK,
  type JWTPayload,
  SignJWT,
} from 'jose';
import { DataSource } from 'typeorm';

/** As LTI's security framework asks for. */
const ALGORITHM = 'RS256';

@Injectable()
export class ToolKeyService {
  private known: Promise<JWK> | null = null;

  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** The public half, as a set of keys (RFC 7517). */
  async publicKeys(): Promise<{ readonly keys: readonly JWK[] }> {
    const { kty, n, e, kid } = await this.key();
    return { keys: [{ kty, n, e, kid, alg: ALGORITHM, use: 'sig' } as JWK] };
  }

  /** Claims, signed. @param lasts for how long they are good, in seconds */
  async signed(claims: JWTPayload, lasts: number): Promise<string> {
    const key = await this.key();
    return new SignJWT(claims)
      .setProtectedHeader({ alg: ALGORITHM, typ: 'JWT', ...(key.kid ? { kid: key.kid } : {}) })
      .setJti(newId())
      .setIssuedAt()
      .setExpirationTime(`${lasts}s`)
      .sign(await importJWK(key, ALGORITHM));
  }

  private key(): Promise<JWK> {
    this.known ??= this.find().catch((error: unknown) => {
      this.known = null;
      throw error;
    });
    return this.known;
  }

  private async find(): Promise<JWK> {
    const stored = () =>
      this.database.query<{ key: JWK }[]>('SELECT private_jwk AS key FROM tool_key ORDER BY made_at, id LIMIT 1');
    const [first] = await stored();
    if (first) return first.key;
    const { privateKey } = await generateKeyPair(ALGORITHM, { extractable: true, modulusLength: 2048 });
    const jwk = await exportJWK(privateKey);
    const kid = await calculateJwkThumbprint(jwk);
    // Of two processes that make one at once, both take the one that was first.
    await this.database.query('INSERT INTO tool_key (id, private_jwk) VALUES ($1, $2)', [kid, { ...jwk, kid }]);
    return (await stored())[0]?.key ?? jwk;
  }
}
