/** Stored pictures, by the SHA-256 of their bytes. */
import { createHash } from 'node:crypto';
import type { PictureView } from '@gobrel/contract';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import type { Identity } from '../accounts/index.js';
import { PictureRow } from '../database/index.js';
import { notFound } from '../errors/index.js';
import { ContentAccessService } from './content-access.service.js';
import { PictureDecoder } from './picture-decoder.service.js';

@Injectable()
export class PicturesService {
  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly access: ContentAccessService,
    private readonly decoder: PictureDecoder,
  ) {}

  /** Reads and stores uploaded bytes for a teacher; the same picture is stored once. */
  async keep(uploaded: Buffer, teacherId: string): Promise<PictureView> {
    const view = await this.store(uploaded, teacherId);
    await this.access.keep(teacherId, view.id);
    return view;
  }

  /** Reads and stores bytes that are nobody's own. @param owner in whose turn they are read */
  async store(uploaded: Buffer, owner: string): Promise<PictureView> {
    const picture = await this.decoder.read(uploaded, owner);
    const id = createHash('sha256').update(picture.bytes).digest('hex');
    await this.database
      .createQueryBuilder()
      .insert()
      .into(PictureRow)
      .values({ id, ...picture })
      .orIgnore()
      .execute();
    const { width, height, moving, bytes } = picture;
    return { id, width, height, moving, bytes: bytes.length };
  }

  /** A stored picture, for somebody who may see it. */
  async get(id: string, identity: Identity): Promise<PictureRow> {
    const row = await this.stored(id);
    if (!(await this.access.maySee(identity, id))) throw notFound('picture');
    return row;
  }

  /** The first picture of a stored one that moves, as WebP; for somebody who may see it. */
  async still(id: string, identity: Identity): Promise<Buffer> {
    const { bytes } = await this.get(id, identity);
    return this.decoder.still(bytes, identity.teacherId ?? identity.participant?.id ?? '');
  }

  /** A stored picture, for whoever was let in elsewhere. */
  async stored(id: string): Promise<PictureRow> {
    const row = await this.database.getRepository(PictureRow).findOneBy({ id });
    if (!row) throw notFound('picture');
    return row;
  }

  /** The first picture of a stored one that moves, for whoever was let in elsewhere. @param owner in whose turn */
  async stillOf(id: string, owner: string): Promise<Buffer> {
    return this.decoder.still((await this.stored(id)).bytes, owner);
  }
}
