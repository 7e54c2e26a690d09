/** The bytes of files, in parts: no file is ever in memory as a whole. */
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, type EntityManager } from 'typeorm';

/** The most bytes that a part has. The last one before a break can be shorter, so parts are found by where they begin. */
export const PART_BYTES = 1024 * 1024;

@Injectable()
export class FilePartsService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** Adds a part of what is called `of`, which begins at the byte `at` of it. */
  async add(manager: EntityManager, of: string, at: number, bytes: Buffer): Promise<void> {
    await manager.query('INSERT INTO file_part (of, at, bytes) VALUES ($1, $2, $3)', [of, at, bytes]);
  }

  /** The bytes from `from` up to, but not including, `to`, part by part. */
  async *read(of: string, from: number, to: number): AsyncGenerator<Buffer, void, undefined> {
    let at = from;
    while (at < to) {
      const [part] = await this.database.query<{ begins: string; bytes: Buffer }[]>(
        'SELECT at AS begins, bytes FROM file_part WHERE of = $1 AND at <= $2 ORDER BY at DESC LIMIT 1',
        [of, at],
      );
      const begins = Number(part?.begins);
      const bytes = part?.bytes.subarray(at - begins, to - begins);
      if (!bytes?.length) throw new Error(`The file ${of} ends before its byte ${String(at)}.`);
      yield bytes;
      at += bytes.length;
    }
  }

  async remove(manager: EntityManager, of: string): Promise<void> {
    await manager.query('DELETE FROM file_part WHERE of = $1', [of]);
  }
}
