/** Sounds, videos and files that links lead to, by the SHA-256 of their bytes. */
import { Readable } from 'node:stream';
import type { StoredFileView } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { fileTypeFromBuffer } from 'file-type/node';
import { DataSource } from 'typeorm';
import type { Identity } from '../accounts/index.js';
import { StoredFileRow, UploadRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';
import { ContentAccessService } from '../pictures/index.js';
import { FilePartsService, PART_BYTES } from './file-parts.service.js';
import { mediaOf, playedAs } from './media-types.js';
import { UploadsService } from './uploads.service.js';

@Injectable()
export class FilesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly access: ContentAccessService,
    private readonly uploads: UploadsService,
    private readonly parts: FilePartsService,
  ) {}

  /**
   * Makes a file of an upload that came whole; what it is, is told by its bytes, not by its name. Asked again, it says
   * the same again. @throws ProblemException when something of it is missing
   */
  async keep(uploadId: string, name: string, teacherId: string): Promise<StoredFileView> {
    const upload = await this.uploads.of(teacherId, uploadId);
    const id = upload.fileId ?? (await this.store(upload));
    await this.access.keep(teacherId, id);
    const { mediaType, size } = await this.stored(id);
    return { id, name, media: mediaOf(mediaType), size };
  }

  /** Stores bytes that are here already, for a teacher. */
  async keepBytes(bytes: Buffer, name: string, teacherId: string): Promise<StoredFileView> {
    const uploadId = await this.uploads.begin(teacherId, bytes.length);
    let upload = await this.uploads.get(uploadId);
    for (let at = 0; at < bytes.length; at += PART_BYTES) {
      const next = await this.uploads.add(upload, bytes.subarray(at, at + PART_BYTES));
      if (!next) throw new Error(`Somebody else wrote into the upload ${uploadId}.`);
      upload = next;
    }
    return this.keep(uploadId, name, teacherId);
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

  /** Its bytes from `from` up to, but not including, `to`. */
  bytesOf({ parts, size }: StoredFileRow, from = 0, to = size): Readable {
    return Readable.from(this.parts.read(parts, from, to), { objectMode: false });
  }

  private async store(upload: UploadRow): Promise<string> {
    if (upload.came < upload.size) throw refuse(409, 'upload-unfinished');
    const id = await this.uploads.hashOf(upload);
    const head = await this.parts.read(upload.id, 0, Math.min(upload.size, PART_BYTES)).next();
    const recognised = head.value && (await fileTypeFromBuffer(head.value));
    const row = { id, mediaType: playedAs(recognised?.mime), size: upload.size, parts: upload.id };
    await this.database.transaction(async (manager) => {
      await manager.createQueryBuilder().insert().into(StoredFileRow).values(row).orIgnore().execute();
      await manager.getRepository(UploadRow).update({ id: upload.id }, { fileId: id });
      const { parts } = await manager.getRepository(StoredFileRow).findOneByOrFail({ id });
      // The same bytes were here before.
      if (parts !== upload.id) await this.parts.remove(manager, upload.id);
    });
    return id;
  }
}
