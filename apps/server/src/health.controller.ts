/** Whether the server lives, and whether it is ready to work. */
import { Controller, Get } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { Allow } from './accounts/index.js';

@Controller('api')
@Allow('anyone')
export class HealthController {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  @Get('health')
  health(): { alive: true } {
    return { alive: true };
  }

  /** Answers 200 only when the database answers too. */
  @Get('ready')
  async ready(): Promise<{ ready: true }> {
    await this.database.query('SELECT 1');
    return { ready: true };
  }
}
