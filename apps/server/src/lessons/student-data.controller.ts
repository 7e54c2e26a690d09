/** What is kept about a student: told and erased when somebody asks for it. */
import { Controller, Delete, Get, HttpCode, Param } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { KeepingService } from './keeping.service.js';

@Controller('api/classes/:id/students/:studentId')
@Allow('teacher')
export class StudentDataController {
  constructor(private readonly keeping: KeepingService) {}

  @Get('data')
  data(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('studentId') studentId: string,
  ): Promise<object> {
    return this.keeping.dataOf(teacherId, id, studentId);
  }

  @Delete()
  @HttpCode(204)
  erase(@TeacherId() teacherId: string, @Param('id') id: string, @Param('studentId') studentId: string): Promise<void> {
    return this.keeping.erase(teacherId, id, studentId);
  }
}
