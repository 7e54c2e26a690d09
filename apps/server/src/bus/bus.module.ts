/** The bus between processes: over Redis where it is set, else over the database. */
import { type DynamicModule, Global, Module } from '@nestjs/common';
import { BusService, CARRIER } from './bus.service.js';
import { PostgresCarrier } from './postgres-carrier.js';
import { RedisCarrier } from './redis-carrier.js';

@Global()
@Module({})
export class BusModule {
  /** @param redisUrl redis://…, or `null` for none */
  static on(databaseUrl: string, redisUrl: string | null): DynamicModule {
    const useFactory = () => (redisUrl === null ? new PostgresCarrier(databaseUrl) : new RedisCarrier(redisUrl));
    return { module: BusModule, providers: [{ provide: CARRIER, useFactory }, BusService], exports: [BusService] };
  }
}
