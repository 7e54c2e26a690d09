/** Accounts and sessions: what is sent and what comes back. */
import { Transform } from 'class-transformer';
import { IsEmail, IsString, Length, MaxLength } from 'class-validator';

const trimmed = Transform(({ value }: { value: unknown }) => (typeof value === 'string' ? value.trim() : value));

/** Signing in as a teacher. */
export class SignIn {
  @trimmed
  @IsEmail({}, { message: 'Write your e-mail address, such as odile@school.example.' })
  @MaxLength(200, { message: 'This address is too long.' })
  email: string;

  @IsString()
  @Length(1, 200, { message: 'Write your password.' })
  password: string;
}

/** A new teacher's account. */
export class NewAccount {
  @trimmed
  @IsString()
  @Length(1, 80, { message: 'Write your name, up to 80 letters.' })
  name: string;

  @trimmed
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
