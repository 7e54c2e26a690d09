/** A teacher's classes and the students in them. */
import { AddStudents, ChangeClass, ChangeStudent, type ClassView, NewClass, type NewPins } from '@gobrel/contract';
import { Body, Controller, Delete, Get, HttpCode, Param, Patch, Post } from '@nestjs/common';
import { Allow, TeacherId } from '../accounts/index.js';
import { ClassesService } from './classes.service.js';

@Controller('api/classes')
@Allow('teacher')
export class ClassesController {
  constructor(private readonly classes: ClassesService) {}

  @Get()
  list(@TeacherId() teacherId: string): Promise<ClassView[]> {
    return this.classes.list(teacherId);
  }

  @Post()
  create(@TeacherId() teacherId: string, @Body() body: NewClass): Promise<ClassView> {
    return this.classes.create(teacherId, body);
  }

  @Patch(':id')
  change(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: ChangeClass): Promise<ClassView> {
    return this.classes.change(teacherId, id, body);
  }

  @Post(':id/students')
  add(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: AddStudents): Promise<ClassView> {
    return this.classes.add(teacherId, id, body);
  }

  @Post(':id/pins')
  @HttpCode(200)
  newPins(@TeacherId() teacherId: string, @Param('id') id: string): Promise<NewPins> {
    return this.classes.newPins(teacherId, id);
  }

  @Patch(':id/students/:studentId')
  @HttpCode(204)
  changeStudent(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('studentId') studentId: string,
    @Body() body: ChangeStudent,
  ): Promise<void> {
    return this.classes.changeStudent(teacherId, id, studentId, body);
  }

  @Delete(':id/students/:studentId/pin')
  @HttpCode(204)
  forgetPin(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('studentId') studentId: string,
  ): Promise<void> {
    return this.classes.forgetPin(teacherId, id, studentId);
  }
}
