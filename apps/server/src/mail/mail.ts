/** A mail in plain text. */
export interface Mail {
  /** The address it goes to. */
  readonly to: string;
  readonly subject: string;
  readonly text: string;
}

/** Where mail goes, as the environment says it. */
export interface MailSettings {
  /** The server that takes it: smtp:// or smtps://, with name and password where it wants them; `null` for none. */
  readonly smtp: string | null;
  /** Whom it is from. */
  readonly from: string;
}

/** The token by which services ask where mail goes. */
export const MAIL = Symbol('where mail goes');

/** Where mail goes by the settings. @throws Error when the address of the server is none */
export function mailFrom({
  GOBREL_SMTP,
  GOBREL_MAIL_FROM,
}: Readonly<Partial<Record<'GOBREL_SMTP' | 'GOBREL_MAIL_FROM', string>>>): MailSettings {
  if (GOBREL_SMTP !== undefined && !/^smtps?:\/\/[^/]+/.test(GOBREL_SMTP))
    throw new Error(`GOBREL_SMTP has to be an address such as smtp://mail.school.example, and is “${GOBREL_SMTP}”.`);
  return { smtp: GOBREL_SMTP ?? null, from: GOBREL_MAIL_FROM ?? 'Gobrel <gobrel@localhost>' };
}
