/** Mail: sent, or put into the outbox. */
export { MAIL, mailFrom, type MailSettings } from './mail.js';
export { MailModule } from './mail.module.js';
export { MailService } from './mail.service.js';
export { MAIL_LANGUAGES, mailTexts } from './mail-texts.js';
