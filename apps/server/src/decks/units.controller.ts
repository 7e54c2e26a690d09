/** A teacher's units, over HTTP. */
import { UnitName, type UnitView } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { ShelvesService } from './shelves.service.js';

@Controller('api/units')
@Allow('teacher')
export class UnitsController {
  constructor(private readonly shelves: ShelvesService) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<UnitView[]> {
    return this.shelves.units(teacherId);
  }

  @Post()
  make(@TeacherId() teacherId: string, @Body() { name }: UnitName): Promise<UnitView> {
    return this.shelves.make(teacherId, name);
  }

  @Patch(':id')
  rename(@TeacherId() teacherId: string, @Param('id') id: string, @Body() { name }: UnitName): Promise<UnitView> {
    return this.shelves.rename(teacherId, id, name);
  }

  @Delete(':id')
  @HttpCode(204)
  remove(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.shelves.remove(teacherId, id);
  }
}
