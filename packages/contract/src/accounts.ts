/** Accounts and sessions: what is sent and what comes back. */
import { IsEmail, IsString, Length, Matches, MaxLength } from 'class-validator';
import { fault } from './fault.js';
import { Optional } from './optional.js';
import { Trimmed } from './trimmed.js';

/** Signing in as a teacher. */
export class SignIn {
  @Trimmed()
  @IsEmail({}, fault('email'))
  @MaxLength(200, fault('email-too-long'))
  email: string;

  @IsString()
  @Length(1, 200, fault('password'))
  password: string;
}

/** A new teacher's account. */
export class NewAccount {
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('own-name'))
  name: string;

  @Trimmed()
  @IsEmail({}, fault('email'))
  @MaxLength(200, fault('email-too-long'))
  email: string;

  @IsString()
  @Length(10, 200, fault('password-too-short'))
  password: string;

  /** The path of the page that was wanted before; the link of a mail leads on to it. */
  @Optional()
  @IsString()
  @MaxLength(2000)
  then?: string;

  /** What was paid for it, where a toll was asked for. */
  @Optional()
  @IsString()
  @MaxLength(40)
  toll?: string;
}

/** Confirming the address of a new account, by the link that a mail brought and the password that was chosen. */
export class AccountToken {
  @IsString()
  @MaxLength(100)
  token: string;

  @IsString()
  @MaxLength(200)
  password: string;
}

/** What comes of asking for an account. */
export interface NewAccountAnswer {
  /** Whether a mail is on its way whose link makes it; else it is made, and its owner signed in. */
  readonly isMailed: boolean;
}

/** Asking for a link by which a new password is set. */
export class ForgottenPassword {
  @Trimmed()
  @IsEmail({}, fault('email'))
  @MaxLength(200, fault('email-too-long'))
  email: string;
}

/** A new password, by the link that a mail brought. */
export class NewPassword {
  @IsString()
  @MaxLength(100)
  token: string;

  @IsString()
  @Length(10, 200, fault('password-too-short'))
  password: string;
}

/** Another password for whoever is signed in. */
export class ChangePassword {
  /** The one that is good until then. */
  @IsString()
  @Length(1, 200, fault('password'))
  present: string;

  @IsString()
  @Length(10, 200, fault('password-too-short'))
  password: string;
}

/** Deleting one's account with everything in it. */
export class Leaving {
  /** The password, asked once more. */
  @IsString()
  @Length(1, 200, fault('password'))
  present: string;
}

/** Another name for whoever is signed in. */
export class OwnName {
  @Trimmed()
  @IsString()
  @Length(1, 80, fault('own-name'))
  name: string;
}

/** Another e-mail address for whoever is signed in. */
export class NewEmail {
  @Trimmed()
  @IsEmail({}, fault('email'))
  @MaxLength(200, fault('email-too-long'))
  email: string;

  /** The password. */
  @IsString()
  @Length(1, 200, fault('password'))
  present: string;
}

/** Confirming an e-mail address, by the link that a mail brought. */
export class EmailToken {
  @IsString()
  @MaxLength(100)
  token: string;
}

/** A device on which somebody is signed in. */
export interface DeviceView {
  readonly id: string;
  /** Such as “Firefox, Windows”; '' where that is not known. */
  readonly name: string;
  /** ISO 8601. */
  readonly since: string;
  /** Whether it is the one that asks. */
  readonly isThis: boolean;
}

/** A mail in the outbox. */
export interface OutboxMail {
  readonly id: string;
  /** The address it goes to. */
  readonly to: string;
  readonly subject: string;
  readonly text: string;
  /** ISO 8601. */
  readonly sentAt: string;
}

/** The language in which a teacher wants the interface. */
export class AccountLanguage {
  @IsString()
  @Matches(/^[a-z-]{2,12}$/, fault('other'))
  language: string;
}

/** Who is signed in on this device. */
export interface SessionView {
  readonly teacher: {
    readonly id: string;
    readonly name: string;
    readonly email: string;
    /** The language they want the interface in; `null` while they have chosen none. */
    readonly language: string | null;
  } | null;
  readonly participant: { readonly id: string; readonly lessonId: string; readonly name: string } | null;
}

/** Connecting the account of one's address with a sign-in elsewhere, by its password. */
export class ConnectAccount {
  @IsString()
  @Length(1, 200, fault('password'))
  present: string;
}

/** Somebody whom a sign-in elsewhere knows, and who has yet to show that an account is theirs. */
export interface WaitingView {
  readonly email: string;
  readonly name: string;
}

/** A system elsewhere by which a teacher signs in. */
export interface ConnectionView {
  readonly id: string;
  /** The address it calls itself. */
  readonly issuer: string;
}

/** By what one can sign in, besides passwords and PINs. */
export interface SignInWays {
  /** What people call the school's provider; `null` where there is none. */
  readonly provider: string | null;
}
