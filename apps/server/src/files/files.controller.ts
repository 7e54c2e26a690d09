/** Making files of uploads, and handing them out. */
import { NewFile, type StoredFileView } from '@gobrel/contract';
import { Body, Controller, Get, Param, Post, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { Allow, type Identity, TeacherId, Who } from '../accounts/index.js';
import { FilesService } from './files.service.js';
import { sendFile } from './send-file.js';

@Controller('api/files')
export class FilesController {
  constructor(private readonly files: FilesService) {}

  @Post()
  @Allow('teacher')
  async keep(@TeacherId() teacherId: string, @Body() { upload, name }: NewFile): Promise<StoredFileView> {
    return this.files.keep(upload, name, teacherId);
  }

  @Get(':id')
  @Allow('teacher', 'participant')
  async get(
    @Who() who: Identity,
    @Param('id') id: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    await sendFile(request, response, this.files, await this.files.get(id, who));
  }
}
