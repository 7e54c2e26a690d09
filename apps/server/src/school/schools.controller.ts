/** Somebody's school, over HTTP. */
import { Managing, type OwnSchool, SchoolName } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { SchoolsService } from './schools.service.js';

@Controller('api/school')
@Allow('teacher')
export class SchoolsController {
  constructor(private readonly schools: SchoolsService) {}

  @Get()
  own(@TeacherId() teacherId: string): Promise<OwnSchool> {
    return this.schools.own(teacherId);
  }

  @Post()
  make(@TeacherId() teacherId: string, @Body() { name }: SchoolName): Promise<OwnSchool> {
    return this.schools.make(teacherId, name);
  }

  @Patch()
  rename(@TeacherId() teacherId: string, @Body() { name }: SchoolName): Promise<OwnSchool> {
    return this.schools.rename(teacherId, name);
  }

  @Patch('colleagues/:colleagueId')
  setManages(
    @TeacherId() teacherId: string,
    @Param('colleagueId') colleagueId: string,
    @Body() { manages }: Managing,
  ): Promise<OwnSchool> {
    return this.schools.setManages(teacherId, colleagueId, manages);
  }

  @Delete('colleagues/:colleagueId')
  @HttpCode(200)
  letOut(@TeacherId() teacherId: string, @Param('colleagueId') colleagueId: string): Promise<OwnSchool> {
    return this.schools.letOut(teacherId, colleagueId);
  }
}
