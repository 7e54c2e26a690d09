/** Who somebody is and what they may call. */
export { Allow, ForScripts, type Identity, Participant, TeacherId, Who } from './access.js';
export { AccountsModule } from './accounts.module.js';
export { colleagueBy, teacherBy } from './colleague.js';
export { AttemptsService } from './attempts.service.js';
export { linkTokenHash, newLinkToken } from './link-token.js';
export { KnownDevicesService } from './known-devices.service.js';
export { PresentPasswordService } from './present-password.service.js';
export { hashPassword, hashPin, isDearPin, SecretsService } from './secrets.service.js';
export { SessionsService } from './sessions.service.js';
