/** Where the server of the open tus protocol (1.0) keeps uploads: in the database, part by part. */
import { AsyncLocalStorage } from 'node:async_hooks';
import type { Readable } from 'node:stream';
import { Injectable } from '@nestjs/common';
import { DataStore, ERRORS, Upload } from '@tus/server';
import type { UploadRow } from '../database/index.js';
import { PART_BYTES } from './file-parts.service.js';
import { UploadsService } from './uploads.service.js';

/** Whose upload the present request begins: the protocol's server does not hand it on. */
export const uploader = new AsyncLocalStorage<string>();

@Injectable()
export class UploadStore extends DataStore {
  override extensions = ['creation', 'creation-with-upload', 'termination'];

  constructor(private readonly uploads: UploadsService) {
    super();
  }

  override async create(upload: Upload): Promise<Upload> {
    const teacherId = uploader.getStore();
    if (teacherId === undefined || upload.size === undefined) throw ERRORS.INVALID_LENGTH;
    upload.id = await this.uploads.begin(teacherId, upload.size);
    return upload;
  }

  override async remove(id: string): Promise<void> {
    await this.uploads.giveUp(id);
  }

  override async getUpload(id: string): Promise<Upload> {
    const { size, came } = await this.uploads.get(id);
    return new Upload({ id, size, offset: came });
  }

  /** Stores what comes until it ends or breaks off; what came before a break is stored as well. */
  override async write(stream: Readable, id: string, offset: number): Promise<number> {
    let row: UploadRow = await this.uploads.get(id);
    if (row.came !== offset) throw ERRORS.INVALID_OFFSET;
    let [gathered, size]: [Buffer[], number] = [[], 0];
    const add = async () => {
      if (size === 0) return;
      const bytes = Buffer.concat(gathered);
      [gathered, size] = [[], 0];
      for (let at = 0; at < bytes.length; at += PART_BYTES) {
        const next = await this.uploads.add(row, bytes.subarray(at, at + PART_BYTES));
        if (!next) throw ERRORS.INVALID_OFFSET;
        row = next;
      }
    };
    try {
      for await (const bytes of stream as AsyncIterable<Buffer>) {
        gathered.push(bytes);
        size += bytes.length;
        if (size >= PART_BYTES) await add();
      }
    } finally {
      await add();
    }
    return row.came;
  }
}
