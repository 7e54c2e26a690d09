/** What a teacher has in the bin. */
import type { BinView } from '@gobrel/contract';
import { Controller, Delete, Get, HttpCode, Param } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { BinService } from './bin.service.js';

@Controller('api/bin')
@Allow('teacher')
export class BinController {
  constructor(private readonly bin: BinService) {}

  @Get()
  view(@TeacherId() teacherId: string): Promise<BinView> {
    return this.bin.view(teacherId);
  }

  @Delete(':kind/:id')
  @HttpCode(204)
  purge(@TeacherId() teacherId: string, @Param('kind') kind: string, @Param('id') id: string): Promise<void> {
    return this.bin.purge(teacherId, kind, id);
  }

  @Delete()
  @HttpCode(204)
  empty(@TeacherId() teacherId: string): Promise<void> {
    return this.bin.empty(teacherId);
  }
}
