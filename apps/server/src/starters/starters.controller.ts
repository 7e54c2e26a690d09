/** Starters that teachers keep, and share with colleagues. */
import { KeptStarter, type KeptStarterView, NewAuthor } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { StartersService } from './starters.service.js';

@Controller('api/templates')
@Allow('teacher')
export class StartersController {
  constructor(private readonly starters: StartersService) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<KeptStarterView[]> {
    return this.starters.list(teacherId);
  }

  @Post()
  keep(@TeacherId() teacherId: string, @Body() body: KeptStarter): Promise<KeptStarterView[]> {
    return this.starters.keep(teacherId, body);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.starters.remove(teacherId, id);
  }

  @Post(':id/shares')
  share(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Body() { email }: NewAuthor,
  ): Promise<KeptStarterView[]> {
    return this.starters.share(teacherId, id, email);
  }

  @Delete(':id/shares/:colleagueId')
  @HttpCode(204)
  unshare(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('colleagueId') colleagueId: string,
  ): Promise<void> {
    return this.starters.unshare(teacherId, id, colleagueId);
  }
}
