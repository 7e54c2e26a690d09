/** Templates that teachers keep, and share with colleagues. */
import { KeptTemplate, type KeptTemplateView, NewAuthor, type SceneViews } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { ScenesService } from './scenes.service.js';
import { TemplatesService } from './templates.service.js';

@Controller('api/templates')
@Allow('teacher')
export class TemplatesController {
  constructor(
    private readonly templates: TemplatesService,
    private readonly scenes: ScenesService,
  ) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<KeptTemplateView[]> {
    return this.templates.list(teacherId);
  }

  /** The pictures of the templates that come along. */
  @Get('scenes')
  allScenes(): Promise<SceneViews> {
    return this.scenes.all();
  }

  @Post()
  keep(@TeacherId() teacherId: string, @Body() body: KeptTemplate): Promise<KeptTemplateView[]> {
    return this.templates.keep(teacherId, body);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.templates.remove(teacherId, id);
  }

  @Post(':id/shares')
  share(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Body() { email }: NewAuthor,
  ): Promise<KeptTemplateView[]> {
    return this.templates.share(teacherId, id, email);
  }

  @Delete(':id/shares/:colleagueId')
  @HttpCode(204)
  unshare(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('colleagueId') colleagueId: string,
  ): Promise<void> {
    return this.templates.unshare(teacherId, id, colleagueId);
  }
}
