/** The pictures of the templates that come along: stored when they are first asked for, and again when they were redrawn. */
import { createHash } from 'node:crypto';
import type { SceneViews } from '@gobrel/contract';
import { scenes } from '@gobrel/core/scenes';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { SceneRow } from '../database/index.js';
import { PicturesService } from '../pictures/index.js';

@Injectable()
export class ScenesService {
  private stored: Promise<SceneViews> | null = null;

  constructor(
    @InjectDataSource() private readonly database: DataSource,
    private readonly pictures: PicturesService,
  ) {}

  /** All of them, by name; each is stored once. @throws ProblemException when too many pictures wait to be read */
  all(): Promise<SceneViews> {
    this.stored ??= this.storeAll().catch((error: unknown) => {
      this.stored = null;
      throw error;
    });
    return this.stored;
  }

  private async storeAll(): Promise<SceneViews> {
    const rows = await this.database.getRepository(SceneRow).find();
    const views = await Promise.all(
      Object.entries(scenes).map(async ([name, draw]) => {
        const { svg, width, height } = draw();
        const drawing = createHash('sha256').update(svg).digest('hex');
        const row = rows.find((each) => each.name === name && each.drawing === drawing);
        return [name, { id: row?.pictureId ?? (await this.store(name, svg, drawing)), width, height }] as const;
      }),
    );
    return Object.fromEntries(views);
  }

  private async store(name: string, svg: string, drawing: string): Promise<string> {
    const { id } = await this.pictures.store(Buffer.from(svg), 'scenes');
    await this.database.getRepository(SceneRow).upsert({ name, drawing, pictureId: id }, ['name']);
    return id;
  }
}
