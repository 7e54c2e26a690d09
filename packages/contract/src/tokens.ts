/** Tokens by which a teacher's own scripts use the HTTP API, and what each is allowed. */
import { ArrayMaxSize, ArrayMinSize, ArrayUnique, IsArray, IsIn, IsString, Length } from 'class-validator';
import { fault } from './fault.js';
import { Trimmed } from './trimmed.js';

/** What a token may be allowed. */
export const tokenScopes = [
  'decks:read',
  'decks:write',
  'classes:read',
  'classes:write',
  'lessons:read',
  'lessons:write',
  'results:read',
] as const;

/** Something that a token may be allowed. */
export type TokenScope = (typeof tokenScopes)[number];

/** For how long a token may be good, in days. */
export const tokenDays = [7, 90, 365] as const;

/** The most tokens of a teacher. */
export const MOST_TOKENS = 20;

/** A new token. */
export class NewToken {
  /** What it is for, in the teacher's words. */
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('token-name'))
  name: string;

  @IsArray()
  @ArrayMinSize(1, fault('token-scopes'))
  @ArrayMaxSize(tokenScopes.length)
  @ArrayUnique()
  @IsIn(tokenScopes, { each: true, ...fault('token-scopes') })
  scopes: TokenScope[];

  @IsIn(tokenDays, fault('other'))
  days: (typeof tokenDays)[number];
}

/** A token as its teacher sees it; what it is itself is said only once. */
export interface TokenView {
  readonly id: string;
  readonly name: string;
  readonly scopes: readonly TokenScope[];
  /** ISO 8601. */
  readonly expiresAt: string;
  /** ISO 8601; `null` when it was never used. */
  readonly lastUsedAt: string | null;
}

/** A token that was just made. */
export interface MadeToken {
  readonly token: string;
  readonly tokens: readonly TokenView[];
}
