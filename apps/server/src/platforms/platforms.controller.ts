/** The learning platforms of a school, over HTTP. */
import { NewPlatform, type PlatformView } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { PlatformsService } from './platforms.service.js';

@Controller('api/school/platforms')
@Allow('teacher')
export class PlatformsController {
  constructor(private readonly platforms: PlatformsService) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<PlatformView[]> {
    return this.platforms.list(teacherId);
  }

  @Post()
  add(@TeacherId() teacherId: string, @Body() body: NewPlatform): Promise<PlatformView[]> {
    return this.platforms.add(teacherId, body);
  }

  @Delete(':id')
  @HttpCode(200)
  remove(@TeacherId() teacherId: string, @Param('id') id: string): Promise<PlatformView[]> {
    return this.platforms.remove(teacherId, id);
  }
}
