/** Themes that a teacher keeps for all their decks. A deck carries its own copy, so removing one changes no deck. */
import type { OwnThemeView } from '@gobrel/contract';
import { newId, readTheme } from '@gobrel/core/deck';
import { Injectable } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { OwnThemeRow } from '../database/index.js';
import { notFound, refuseWith } from '../errors/index.js';

/** More than anybody tells apart. */
const MOST_THEMES = 100;

@Injectable()
export class ThemesService {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  /** A teacher's themes, the one kept last first. */
  async list(teacherId: string): Promise<OwnThemeView[]> {
    const rows = await this.database
      .getRepository(OwnThemeRow)
      .find({ where: { teacherId }, order: { keptAt: 'DESC', id: 'ASC' } });
    return rows.map(({ id, theme }) => ({ id, theme: readTheme(theme) }));
  }

  /** Keeps a theme, read from untrusted JSON. */
  async keep(teacherId: string, theme: unknown): Promise<OwnThemeView[]> {
    const themes = this.database.getRepository(OwnThemeRow);
    if ((await themes.countBy({ teacherId })) >= MOST_THEMES)
      throw refuseWith(409, 'too-many-themes', { most: MOST_THEMES });
    const row = { id: newId(), teacherId, theme: readTheme(theme) as object, keptAt: new Date() };
    await themes.insert(row);
    return this.list(teacherId);
  }

  /** Removes a theme; decks that have it keep their copy. */
  async remove(teacherId: string, id: string): Promise<void> {
    const { affected } = await this.database.getRepository(OwnThemeRow).delete({ id, teacherId });
    if (affected === 0) throw notFound('theme');
  }
}
