/** Whether the server lives, and whether it is ready to work. */
import { Controller, Get } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { Allow } from './accounts/index.js';
import { refuse } from './errors/index.js';
import { SyncService } from './sync/index.js';

@Controller('api')
@Allow('anyone')
export class HealthController {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sync: SyncService,
  ) {}

  @Get('health')
  health(): { alive: true } {
    return { alive: true };
  }

  /** Answers 200 only when the database answers too, and not any more once the process is about to stop. */
  @Get('ready')
  async ready(): Promise<{ ready: true }> {
    if (this.sync.isStopping) throw refuse(503, 'stopping');
    await this.database.query('SELECT 1');
    return { ready: true };
  }
}
