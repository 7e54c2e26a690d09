/** Asking the school's provider who somebody is: OpenID Connect's authorization code flow with PKCE, by `openid-client`. */
import { Inject, Injectable, Logger } from '@nestjs/common';
import * as client from 'openid-client';
import type { OutsidePerson } from '../arriving/index.js';
import { SIGN_IN, type SignInSettings } from './sign-in-settings.js';

/** How long an answer of the provider is waited for, in seconds. */
const PATIENCE_S = 10;

/** What is remembered in the browser while somebody is at the provider. */
export interface Errand {
  readonly state: string;
  readonly nonce: string;
  readonly verifier: string;
}

/** Whoever came back. */
export interface Returned {
  readonly person: OutsidePerson;
  readonly isStudent: boolean;
  /** As the school's class lists have them; '' where that is not said. */
  readonly rosterId: string;
}

@Injectable()
export class ProviderService {
  private readonly log = new Logger('SignIn');
  private found: Promise<client.Configuration> | null = null;

  constructor(@Inject(SIGN_IN) private readonly settings: SignInSettings | null) {}

  /** What people call the provider; `null` where there is none. */
  get name(): string | null {
    return this.settings?.name ?? null;
  }

  /** Where somebody is sent, and what is to be remembered until they are back at `backTo`. @throws when it is away */
  async begin(backTo: string): Promise<{ readonly url: URL; readonly errand: Errand }> {
    const config = await this.configuration();
    const errand = {
      ...{ state: client.randomState(), nonce: client.randomNonce() },
      verifier: client.randomPKCECodeVerifier(),
    };
    const url = client.buildAuthorizationUrl(config, {
      ...{ redirect_uri: backTo, scope: 'openid email profile', state: errand.state, nonce: errand.nonce },
      code_challenge: await client.calculatePKCECodeChallenge(errand.verifier),
      code_challenge_method: 'S256',
    });
    return { url, errand };
  }

  /** Who came back at an address. @throws when the provider refuses, is away, or it is not who was sent */
  async comeBack(url: URL, { state, nonce, verifier }: Errand): Promise<Returned> {
    const config = await this.configuration();
    const tokens = await client.authorizationCodeGrant(config, url, {
      ...{ expectedState: state, expectedNonce: nonce, pkceCodeVerifier: verifier, idTokenExpected: true },
    });
    const claims = tokens.claims();
    if (!claims) throw new Error('the provider sent no ID token');
    const more = config.serverMetadata().userinfo_endpoint
      ? await client.fetchUserInfo(config, tokens.access_token, claims.sub)
      : {};
    const said: Readonly<Record<string, unknown>> = { ...more, ...claims };
    const text = (claim: string) => (typeof said[claim] === 'string' ? said[claim] : '');
    const students = this.settings?.students ?? null;
    return {
      person: { issuer: claims.iss, subject: claims.sub, email: text('email'), name: text('name') },
      isStudent: students !== null && valuesOf(said[students.claim]).includes(students.value),
      rosterId: text(this.settings?.rosterClaim ?? 'sub'),
    };
  }

  /** What the provider says of itself, asked for once; anew after it was away. */
  private configuration(): Promise<client.Configuration> {
    const { settings } = this;
    if (!settings) return Promise.reject(new Error('no provider is set up'));
    this.found ??= client
      .discovery(new URL(settings.issuer), settings.clientId, settings.clientSecret || undefined, undefined, {
        timeout: PATIENCE_S,
        // On this very machine nobody listens in between; elsewhere the settings refuse it.
        ...(settings.issuer.startsWith('http:') ? { execute: [client.allowInsecureRequests] } : {}),
      })
      .catch((error: unknown) => {
        this.found = null;
        this.log.warn(`The provider of sign-in cannot be asked: ${String(error)}`);
        throw error;
      });
    return this.found;
  }
}

function valuesOf(claim: unknown): readonly unknown[] {
  return Array.isArray(claim) ? claim : [claim];
}
