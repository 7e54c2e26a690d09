/** Who somebody is and what they may call. */
export { Allow, type Identity, Participant, TeacherId, Who } from './access.js';
export { AccountsModule } from './accounts.module.js';
export { colleagueBy } from './colleague.js';
export { AttemptsService } from './attempts.service.js';
export { hashSecret, isSecret } from './secrets.js';
export { SessionsService } from './sessions.service.js';
