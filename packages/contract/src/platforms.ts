/** Learning platforms of schools (LTI 1.3): what is sent and what comes back. */
import { IsString, IsUrl, Length, Matches, MaxLength } from 'class-validator';
import { fault } from './fault.js';
import { Optional } from './optional.js';
import { Trimmed } from './trimmed.js';

/** Addresses of other servers; those without a domain are of the machine it is tried out on. */
const IsAddress = () =>
  IsUrl({ protocols: ['https', 'http'], require_protocol: true, require_tld: false }, fault('outside-address'));

/** A platform, as whoever runs it gives its addresses. */
export class NewPlatform {
  /** Under which it is known here: part of the addresses that are entered there, so that it is chosen ahead. */
  @Matches(/^[a-z0-9]{10,40}$/, fault('platform-id'))
  id: string;

  /** What people call it. */
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('platform-name'))
  name: string;

  /** The address it calls itself. */
  @Trimmed()
  @IsAddress()
  @MaxLength(500)
  issuer: string;

  /** As what it knows us. */
  @Trimmed()
  @IsString()
  @Length(1, 255, fault('platform-id'))
  clientId: string;

  @Trimmed()
  @IsString()
  @Length(1, 255, fault('platform-id'))
  deploymentId: string;

  /** Where it is asked who somebody is. */
  @Trimmed()
  @IsAddress()
  @MaxLength(500)
  signInUrl: string;

  /** Where it gives tokens. */
  @Trimmed()
  @IsAddress()
  @MaxLength(500)
  tokenUrl: string;

  /** Where its public keys are. */
  @Trimmed()
  @IsAddress()
  @MaxLength(500)
  keysUrl: string;
}

/** A platform that is entered. */
export interface PlatformView {
  readonly id: string;
  readonly name: string;
  readonly issuer: string;
  readonly clientId: string;
  readonly deploymentId: string;
  readonly signInUrl: string;
  readonly tokenUrl: string;
  readonly keysUrl: string;
}

/** What is chosen for a place in a course: a deck, which is handed out there, or a lesson; one of them. */
export class PlaceChoice {
  @Optional()
  @IsString()
  @Length(1, 40, fault('deck'))
  deckId?: string;

  @Optional()
  @IsString()
  @Length(1, 40, fault('other'))
  lessonId?: string;
}

/** Where something is chosen for. */
export interface ChoosingView {
  readonly platform: string;
  /** '' where the platform does not say it. */
  readonly course: string;
}

/** A place in a course. */
export interface PlaceView extends ChoosingView {
  /** '' where the platform does not say it. */
  readonly title: string;
  /** The lesson that opens there; `null` while nothing is chosen. */
  readonly lessonId: string | null;
}

/** How it stands with the scores of a lesson that go to a platform. */
export interface ScoresSent {
  readonly platform: string;
  /** How many it has taken, wait, and were not taken at the last try. */
  readonly sent: number;
  readonly waiting: number;
  readonly failed: number;
  /** What it answered to one that was not taken; '' where all were. */
  readonly trouble: string;
}
