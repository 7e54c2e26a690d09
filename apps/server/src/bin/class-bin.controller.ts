/** Classes that are deleted and restored. */
import { Controller, Delete, HttpCode, Param, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { ClassBinService } from './class-bin.service.js';

@Controller('api/classes')
@Allow('teacher')
export class ClassBinController {
  constructor(private readonly classes: ClassBinService) {}

  @Delete(':id')
  @HttpCode(204)
  put(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.classes.put(teacherId, id);
  }

  @Post(':id/restore')
  @HttpCode(204)
  restore(@TeacherId() teacherId: string, @Param('id') id: string): Promise<void> {
    return this.classes.restore(teacherId, id);
  }
}
