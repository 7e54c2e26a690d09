/** Files that links lead to, by the SHA-256 of their bytes. */
import { createHash } from 'node:crypto';
import type { StoredFileView } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { fileTypeFromBuffer } from 'file-type/node';
import { DataSource } from 'typeorm';
import type { Identity } from '../accounts/index.js';
import { StoredFileRow } from '../database/index.js';
import { notFound } from '../errors/index.js';
import { ContentAccessService } from '../pictures/index.js';

/** Sounds that browsers play, by the media types under which they are recognised. */
const soundTypes: Readonly<Record<string, string>> = {
  'audio/mpeg': 'audio/mpeg',
  'audio/wav': 'audio/wav',
  'audio/ogg': 'audio/ogg',
  'audio/opus': 'audio/ogg',
  'audio/ogg; codecs=opus': 'audio/ogg',
  'audio/flac': 'audio/flac',
  'audio/aac': 'audio/aac',
  'audio/mp4': 'audio/mp4',
  'audio/x-m4a': 'audio/mp4',
};

@Injectable()
export class FilesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly access: ContentAccessService,
  ) {}

  /** Stores uploaded bytes for a teacher; what they are is told by themselves, not by their name. */
  async keep(bytes: Buffer, name: string, teacherId: string): Promise<StoredFileView> {
    const recognised = await fileTypeFromBuffer(bytes);
    const soundType = soundTypes[recognised?.mime ?? ''] ?? null;
    const id = createHash('sha256').update(bytes).digest('hex');
    const row = { id, soundType, bytes };
    await this.database.createQueryBuilder().insert().into(StoredFileRow).values(row).orIgnore().execute();
    await this.access.keep(teacherId, id);
    return { id, name, plays: soundType !== null };
  }

  /** A stored file, for somebody who may open it. */
  async get(id: string, identity: Identity): Promise<StoredFileRow> {
    const row = await this.stored(id);
    if (!(await this.access.maySee(identity, id))) throw notFound('file');
    return row;
  }

  /** A stored file, for whoever was let in elsewhere. */
  async stored(id: string): Promise<StoredFileRow> {
    const row = await this.database.getRepository(StoredFileRow).findOneBy({ id });
    if (!row) throw notFound('file');
    return row;
  }
}
