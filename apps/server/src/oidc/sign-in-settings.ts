/** Signing in through a school's own provider (OpenID Connect), as the environment sets it up. */
import { isLoopback } from '../place.js';

/** A provider and how it is asked. */
export interface SignInSettings {
  /** The address it calls itself, where its `.well-known/openid-configuration` is. */
  readonly issuer: string;
  readonly clientId: string;
  readonly clientSecret: string;
  /** What people call it: “Sign in with …”. */
  readonly name: string;
  /** The claim and its value that tell students, as teachers are made no accounts for them; `null` when nothing tells. */
  readonly students: { readonly claim: string; readonly value: string } | null;
  /** The claim that has the id that the school's class lists (OneRoster) have for somebody. */
  readonly rosterClaim: string;
}

type Environment = Readonly<
  Partial<
    Record<
      | 'GOBREL_SIGN_IN_ISSUER'
      | 'GOBREL_SIGN_IN_CLIENT'
      | 'GOBREL_SIGN_IN_SECRET'
      | 'GOBREL_SIGN_IN_NAME'
      | 'GOBREL_SIGN_IN_STUDENTS'
      | 'GOBREL_SIGN_IN_ROSTER_ID',
      string
    >
  >
>;

/** What the environment says; `null` where there is no provider. @throws Error when it cannot be used, with what to do */
export function signInFrom(environment: Environment): SignInSettings | null {
  const { GOBREL_SIGN_IN_ISSUER: issuer, GOBREL_SIGN_IN_CLIENT: clientId } = environment;
  if (!issuer) return null;
  if (!isSafe(issuer))
    throw new Error(`GOBREL_SIGN_IN_ISSUER has to be an address that begins with https://, and is “${issuer}”.`);
  if (!clientId) throw new Error('GOBREL_SIGN_IN_CLIENT is missing: the id that your provider gave to Gobrel.');
  const [claim = '', value = ''] = (environment.GOBREL_SIGN_IN_STUDENTS ?? '').split('=');
  return {
    ...{ issuer, clientId, clientSecret: environment.GOBREL_SIGN_IN_SECRET ?? '' },
    name: environment.GOBREL_SIGN_IN_NAME ?? new URL(issuer).hostname,
    students: claim !== '' && value !== '' ? { claim, value } : null,
    rosterClaim: environment.GOBREL_SIGN_IN_ROSTER_ID ?? 'sub',
  };
}

/** Whether nobody on the way can read what is asked there. */
function isSafe(issuer: string): boolean {
  try {
    const { protocol, hostname } = new URL(issuer);
    return protocol === 'https:' || (protocol === 'http:' && isLoopback(hostname));
  } catch {
    return false;
  }
}

/** The token by which services ask for the settings. */
export const SIGN_IN = Symbol('signing in through a provider');
