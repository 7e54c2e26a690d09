/** Stored pictures, by the SHA-256 of their bytes. */
import { createHash } from 'node:crypto';
import type { PictureView } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { PictureRow } from '../database/index.js';
import { notFound } from '../errors/index.js';
import { readPicture } from './picture-reading.js';

@Injectable()
export class PicturesService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** Reads and stores uploaded bytes; the same picture is stored once. */
  async keep(uploaded: Buffer): Promise<PictureView> {
    const picture = await readPicture(uploaded);
    const id = createHash('sha256').update(picture.bytes).digest('hex');
    await this.database
      .createQueryBuilder()
      .insert()
      .into(PictureRow)
      .values({ id, ...picture })
      .orIgnore()
      .execute();
    return { id, width: picture.width, height: picture.height, bytes: picture.bytes.length };
  }

  /** A stored picture. */
  async get(id: string): Promise<PictureRow> {
    const row = await this.database.getRepository(PictureRow).findOneBy({ id });
    if (!row) throw notFound('picture');
    return row;
  }
}
