/** Accounts, sessions, and the guard on every route. */
import { Global, Module } from '@nestjs/common';
import { APP_GUARD } from '@nestjs/core';
import { AccessGuard } from './access.guard.js';
import { AccountChangesService } from './account-changes.service.js';
import { AccountsController } from './accounts.controller.js';
import { AccountsService } from './accounts.service.js';
import { AttemptsService } from './attempts.service.js';
import { KnownDevicesService } from './known-devices.service.js';
import { PasswordsService } from './passwords.service.js';
import { PresentPasswordService } from './present-password.service.js';
import { RegistrationService } from './registration.service.js';
import { SecretsService } from './secrets.service.js';
import { SessionsService } from './sessions.service.js';
import { TokensController } from './tokens.controller.js';
import { TokensService } from './tokens.service.js';

@Global()
@Module({
  controllers: [AccountsController, TokensController],
  providers: [
    AccountsService,
    RegistrationService,
    SessionsService,
    AttemptsService,
    SecretsService,
    KnownDevicesService,
    PasswordsService,
    PresentPasswordService,
    AccountChangesService,
    TokensService,
    { provide: APP_GUARD, useClass: AccessGuard },
  ],
  exports: [SessionsService, AttemptsService, SecretsService, KnownDevicesService, PresentPasswordService],
})
export class AccountsModule {}
