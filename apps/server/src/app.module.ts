/** The whole server: a module a subject. */
import { type DynamicModule, Global, Module } from '@nestjs/common';
import { TypeOrmModule } from '@nestjs/typeorm';
import { AccountsModule } from './accounts/index.js';
import { ClassesModule } from './classes/index.js';
import { dataSourceOptions } from './database/index.js';
import { DecksModule } from './decks/index.js';
import { FilesModule } from './files/index.js';
import { HealthController } from './health.controller.js';
import { LessonsModule } from './lessons/index.js';
import { PictureLibraryModule } from './picture-library/index.js';
import { PicturesModule } from './pictures/index.js';
import { PLACE, type Place } from './place.js';
import { SampleModule } from './sample/index.js';
import { StartersModule } from './starters/index.js';
import { SyncModule } from './sync/index.js';
import { ThemesModule } from './themes/index.js';

/** Tells every service where it runs. */
@Global()
@Module({})
class PlaceModule {}

@Module({})
export class AppModule {
  /** The server on a database at `databaseUrl` (postgres://…), where it runs. */
  static on(databaseUrl: string, place: Place): DynamicModule {
    return {
      module: AppModule,
      imports: [
        TypeOrmModule.forRoot({ ...dataSourceOptions(databaseUrl), retryAttempts: 10, retryDelay: 1000 }),
        { module: PlaceModule, providers: [{ provide: PLACE, useValue: place }], exports: [PLACE] },
        AccountsModule,
        SyncModule,
        DecksModule,
        ThemesModule,
        StartersModule,
        PicturesModule,
        PictureLibraryModule,
        FilesModule,
        ClassesModule,
        LessonsModule,
        SampleModule,
      ],
      controllers: [HealthController],
    };
  }
}
