/** What is kept about a student: told and erased when somebody asks for it. */
import type { StudentData } from '@gobrel/contract';
import { Controller, Delete, Get, HttpCode, Param } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { LessonArchiveService } from './lesson-archive.service.js';

@Controller('api/classes/:id/students/:studentId')
@Allow('teacher')
export class StudentDataController {
  constructor(private readonly archive: LessonArchiveService) {}

  @Get('data')
  data(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('studentId') studentId: string,
  ): Promise<StudentData> {
    return this.archive.dataOf(teacherId, id, studentId);
  }

  @Delete()
  @HttpCode(204)
  erase(@TeacherId() teacherId: string, @Param('id') id: string, @Param('studentId') studentId: string): Promise<void> {
    return this.archive.erase(teacherId, id, studentId);
  }
}
