/** Somebody whom a system outside vouches for: a school's sign-in, or its learning platform. */
export interface OutsidePerson {
  /** The system, by the address it calls itself. */
  readonly issuer: string;
  /** The name under which it knows them, which it gives to nobody else. */
  readonly subject: string;
  /** '' where it does not say it. */
  readonly email: string;
  /** '' where it does not say it. */
  readonly name: string;
}
