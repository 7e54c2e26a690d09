/** Themes that a teacher keeps for all their decks. A deck carries its own copy, so removing one changes no deck. */
import { KeptTheme, type OwnThemeView } from '@gobrel/contract';
import { newId, readTheme } from '@gobrel/core/deck';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource } from 'typeorm';
import { Allow, TeacherId } from '../accounts/index.js';
import { OwnThemeRow } from '../database/index.js';
import { notFound, refuse } from '../errors/index.js';

/** More than anybody tells apart. */
const MOST_THEMES = 100;

@Controller('api/themes')
@Allow('teacher')
export class ThemesController {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  @Get()
  async list(@TeacherId() teacherId: string): Promise<OwnThemeView[]> {
    const rows = await this.database
      .getRepository(OwnThemeRow)
      .find({ where: { teacherId }, order: { keptAt: 'DESC', id: 'ASC' } });
    return rows.map(({ id, theme }) => ({ id, theme: readTheme(theme) }));
  }

  @Post()
  async keep(@TeacherId() teacherId: string, @Body() body: KeptTheme): Promise<OwnThemeView[]> {
    const themes = this.database.getRepository(OwnThemeRow);
    if ((await themes.countBy({ teacherId })) >= MOST_THEMES)
      throw refuse(409, 'too-many-themes', `You keep ${MOST_THEMES} themes already. Remove one, then try again.`);
    const row = { id: newId(), teacherId, theme: readTheme(body.theme) as object, keptAt: new Date() };
    await themes.insert(row);
    return this.list(teacherId);
  }

  @Delete(':id')
  @HttpCode(204)
  async remove(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    const { affected } = await this.database.getRepository(OwnThemeRow).delete({ id, teacherId });
    if (affected === 0) throw notFound('theme');
  }
}
