/** The whole server: a module a subject. */
import { type DynamicModule, Global, Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { AccountsModule } from './accounts/index.js';
import { ApiModule } from './api/index.js';
import { AuditModule } from './audit/index.js';
import { BinModule } from './bin/index.js';
import { BusModule } from './bus/index.js';
import { ClassesModule } from './classes/index.js';
import { dataSourceOptions, openDatabase } from './database/index.js';
import { DecksModule } from './decks/index.js';
import { FilesModule } from './files/index.js';
import { HealthController } from './health.controller.js';
import { CareModule } from './care/index.js';
import { LessonsModule } from './lessons/index.js';
import { OidcModule } from './oidc/index.js';
import { MailModule } from './mail/index.js';
import { MetricsModule } from './metrics/index.js';
import { PictureLibraryModule } from './picture-library/index.js';
import { PicturesModule } from './pictures/index.js';
import { PlatformsModule } from './platforms/index.js';
import { PLACE, type Place } from './place.js';
import { SampleModule } from './sample/index.js';
import { SchoolModule } from './school/index.js';
import { SharingModule } from './sharing/index.js';
import { TakingAlongModule } from './taking-along/index.js';
import { TemplatesModule } from './templates/index.js';
import { SyncModule } from './sync/index.js';
import { ThemesModule } from './themes/index.js';

/** Tells every service where it runs. */
@Global()
@Module({})
class PlaceModule {}

@Module({})
export class AppModule {
  /**
   * The server on a database, where it runs.
   * @param databaseUrl postgres://…
   * @param redisUrl redis://… of what carries the bus between processes; `null` for the database itself
   */
  static on(databaseUrl: string, redisUrl: string | null, place: Place): DynamicModule {
    const options = { ...dataSourceOptions(databaseUrl), retryAttempts: 10, retryDelay: 1000 };
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRootAsync({ useFactory: () => options, dataSourceFactory: () => openDatabase(options) }),
        { module: PlaceModule, providers: [{ provide: PLACE, useValue: place }], exports: [PLACE] },
        BusModule.on(databaseUrl, redisUrl),
        MetricsModule,
        AuditModule,
        MailModule,
        AccountsModule,
        SyncModule,
        DecksModule,
        ThemesModule,
        TemplatesModule,
        PicturesModule,
        PictureLibraryModule,
        FilesModule,
        SchoolModule,
        SharingModule,
        ClassesModule,
        LessonsModule,
        OidcModule,
        PlatformsModule,
        ApiModule,
        BinModule,
        TakingAlongModule,
        CareModule,
        SampleModule,
      ],
      controllers: [HealthController],
    };
  }
}
