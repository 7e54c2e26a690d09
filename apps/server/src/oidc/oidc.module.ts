/** Signing in through a school's own provider. */
import { Module } from '@nestjs/common';
import { ArrivingModule } from '../arriving/index.js';
import { LessonsModule } from '../lessons/index.js';
import { OidcController } from './oidc.controller.js';
import { ProviderService } from './provider.service.js';
import { SIGN_IN, signInFrom } from './sign-in-settings.js';

@Module({
  imports: [ArrivingModule, LessonsModule],
  controllers: [OidcController],
  providers: [ProviderService, { provide: SIGN_IN, useFactory: () => signInFrom(process.env) }],
})
export class OidcModule {}
