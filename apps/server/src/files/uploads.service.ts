/** Uploads on their way: what came of each, whose it is, and whether there is room for it. */
import { randomBytes } from 'node:crypto';
import type { RoomView } from '@gobrel/contract';
import { Inject, Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { createSHA256 } from 'hash-wasm';
import { DataSource } from 'typeorm';
import { UploadRow } from '../database/index.js';
import { refuse, refuseWith } from '../errors/index.js';
import { FilePartsService } from './file-parts.service.js';
import { inMegabytes, MOST_STORED, type MostStored } from './room.js';

@Injectable()
export class UploadsService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly parts: FilePartsService,
    @Inject(MOST_STORED) private readonly most: MostStored,
  ) {}

  /** Begins an upload of so many bytes. @throws ProblemException when it is empty, too large, or there is no room */
  async begin(teacherId: string, size: number): Promise<string> {
    if (size === 0) throw refuse(422, 'no-file');
    if (size > this.most.inFile) throw refuseWith(413, 'over-largest-file', { most: inMegabytes(this.most.inFile) });
    const { used, most } = await this.room(teacherId);
    if (used + size > most) throw refuseWith(413, 'no-room', { used: inMegabytes(used), most: inMegabytes(most) });
    const id = randomBytes(16).toString('hex');
    await this.database.getRepository(UploadRow).insert({ id, teacherId, size });
    return id;
  }

  /** An upload of somebody. @throws ProblemException when it is not there, or somebody else's */
  async of(teacherId: string, id: string): Promise<UploadRow> {
    const row = await this.database.getRepository(UploadRow).findOneBy({ id, teacherId });
    if (!row) throw refuse(404, 'upload-gone');
    return row;
  }

  /** An upload, for whoever was let in. @throws ProblemException when it is not there */
  async get(id: string): Promise<UploadRow> {
    const row = await this.database.getRepository(UploadRow).findOneBy({ id });
    if (!row) throw refuse(404, 'upload-gone');
    return row;
  }

  /**
   * Adds the next bytes, and how far the hash is worked out with them, in one: whatever happens, it goes on from here.
   * @returns whether they were the next ones; somebody else may have sent them meanwhile
   */
  async add(
    { id, came, hashState }: Pick<UploadRow, 'id' | 'came' | 'hashState'>,
    bytes: Buffer,
  ): Promise<UploadRow | null> {
    const hasher = await createSHA256();
    if (hashState) hasher.load(hashState);
    else hasher.init();
    const next = {
      came: came + bytes.length,
      hashState: Buffer.from(hasher.update(bytes).save()),
      touchedAt: new Date(),
    };
    return this.database.transaction(async (manager) => {
      const { affected } = await manager.getRepository(UploadRow).update({ id, came }, next);
      if (affected !== 1) return null;
      await this.parts.add(manager, id, came, bytes);
      return manager.getRepository(UploadRow).findOneByOrFail({ id });
    });
  }

  /** The SHA-256 of what came. */
  async hashOf({ hashState }: UploadRow): Promise<string> {
    const hasher = await createSHA256();
    if (hashState) hasher.load(hashState);
    else hasher.init();
    return hasher.digest('hex');
  }

  /** Gives one up: its bytes go, unless a file was made of it. */
  async giveUp(id: string): Promise<void> {
    await this.database.transaction(async (manager) => {
      const row = await manager.getRepository(UploadRow).findOneBy({ id });
      if (!row || row.fileId !== null) return;
      await manager.getRepository(UploadRow).delete({ id });
      await this.parts.remove(manager, id);
    });
  }

  /** How much a teacher has stored, what is on its way included, and how much they may. */
  async room(teacherId: string): Promise<RoomView> {
    const [row] = await this.database.query<{ used: string }[]>(
      `SELECT coalesce(sum(size), 0) AS used FROM (
         SELECT size FROM stored_file JOIN content_keeper ON content_id = id WHERE teacher_id = $1
         UNION ALL SELECT size FROM picture JOIN content_keeper ON content_id = id WHERE teacher_id = $1
         UNION ALL SELECT size FROM upload WHERE teacher_id = $1 AND file_id IS NULL) AS everything`,
      [teacherId],
    );
    return { used: Number(row?.used ?? 0), most: this.most.byTeacher, largestFile: this.most.inFile };
  }
}
