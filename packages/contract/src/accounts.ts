/** Accounts and sessions: what is sent and what comes back. */
import { IsEmail, IsString, Length, MaxLength } from 'class-validator';
import { Trimmed } from './trimmed.js';

/** Signing in as a teacher. */
export class SignIn {
  @Trimmed()
  @IsEmail({}, { message: 'Write your e-mail address, such as odile@school.example.' })
  @MaxLength(200, { message: 'This address is too long.' })
  email: string;

  @IsString()
  @Length(1, 200, { message: 'Write your password.' })
  password: string;
}

/** A new teacher's account. */
export class NewAccount {
  @Trimmed()
  @IsString()
  @Length(1, 80, { message: 'Write your name, up to 80 letters.' })
  name: string;

  @Trimmed()
  @IsEmail({}, { message: 'Write your e-mail address, such as odile@school.example.' })
  @MaxLength(200, { message: 'This address is too long.' })
  email: string;

  @IsString()
  @Length(10, 200, { message: 'Take a password of at least 10 letters.' })
  password: string;
}

/** Who is signed in on this device. */
export interface SessionView {
  readonly teacher: { readonly id: string; readonly name: string; readonly email: string } | null;
  readonly participant: { readonly id: string; readonly lessonId: string; readonly name: string } | null;
}
