/** A teacher's classes and the students in them. */
import { NewClass, type ClassView } from '@gobrel/contract';
import { newId } from '@gobrel/core/deck';
import { Body, Controller, Delete, Get, HttpCode, Param, Post } from '@nestjs/common';
import { InjectDataSource } from '@nestjs/typeorm';
import { DataSource, In } from 'typeorm';
import { Allow, TeacherId } from '../accounts/index.js';
import { ClassRow, StudentRow } from '../database/index.js';
import { notFound } from '../errors/index.js';

@Controller('api/classes')
@Allow('teacher')
export class ClassesController {
  constructor(@InjectDataSource() private readonly database: DataSource) {}

  @Get()
  async list(@TeacherId() teacherId: string): Promise<ClassView[]> {
    const classes = await this.database.getRepository(ClassRow).find({ where: { teacherId }, order: { name: 'ASC' } });
    const students = await this.database
      .getRepository(StudentRow)
      .find({ where: { classId: In(classes.map((row) => row.id)) }, order: { name: 'ASC' } });
    return classes.map((row) => viewOf(row, students));
  }

  @Post()
  async create(@TeacherId() teacherId: string, @Body() body: NewClass): Promise<ClassView> {
    const row = { id: newId(), teacherId, name: body.name };
    const students = body.students.map((name) => ({ id: newId(), classId: row.id, name: name.trim(), pinHash: null }));
    await this.database.transaction(async (manager) => {
      await manager.insert(ClassRow, row);
      await manager.insert(StudentRow, students);
    });
    return viewOf(row, students);
  }

  /** Forgets a student's PIN, so that they set a new one at the next visit. */
  @Delete(':id/students/:studentId/pin')
  @HttpCode(204)
  async forgetPin(
    @TeacherId() teacherId: string,
    @Param('id') id: string,
    @Param('studentId') studentId: string,
  ): Promise<void> {
    const mine = await this.database.getRepository(ClassRow).existsBy({ id, teacherId });
    const known = mine && (await this.database.getRepository(StudentRow).existsBy({ id: studentId, classId: id }));
    if (!known) throw notFound('student');
    await this.database.getRepository(StudentRow).update({ id: studentId }, { pinHash: null });
  }
}

function viewOf(row: ClassRow, students: readonly StudentRow[]): ClassView {
  return {
    id: row.id,
    name: row.name,
    students: students
      .filter((student) => student.classId === row.id)
      .map((student) => ({ id: student.id, name: student.name, hasPin: student.pinHash !== null })),
  };
}
