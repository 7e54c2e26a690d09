/** A teacher's own themes, over HTTP. */
import { KeptTheme, type OwnThemeView } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { ThemesService } from './themes.service.js';

@Controller('api/themes')
@Allow('teacher')
export class ThemesController {
  constructor(private readonly themes: ThemesService) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<OwnThemeView[]> {
    return this.themes.list(teacherId);
  }

  @Post()
  keep(@TeacherId() teacherId: string, @Body() { theme }: KeptTheme): Promise<OwnThemeView[]> {
    return this.themes.keep(teacherId, theme);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.themes.remove(teacherId, id);
  }
}
