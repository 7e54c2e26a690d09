/** Documents that go for good, with what they belong to. */
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { SyncService } from './sync.service.js';

@Injectable()
export class DocumentRemovalService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly sync: SyncService,
  ) {}

  /** Removes documents. Devices that have one open are sent away first, so that nothing is stored again. */
  async remove(names: readonly string[]): Promise<void> {
    for (const name of names) await this.sync.discard(name);
    for (const table of ['shared_document', 'document_update'])
      await this.database.query(`DELETE FROM ${table} WHERE name = ANY($1)`, [names]);
  }
}
