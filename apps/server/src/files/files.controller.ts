/** Uploading files for links, and handing them out. */
import { LARGEST_PICTURE, NewFile, type StoredFileView } from '@gobrel/contract';
import { Body, Controller, Get, Param, Post, Res, UploadedFile, UseFilters, UseInterceptors } from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import type { Response } from 'express';
import { Allow, type Identity, TeacherId, Who } from '../accounts/index.js';
import { refuse } from '../errors/index.js';
import { TooLargeFilter } from '../pictures/index.js';
import { FilesService } from './files.service.js';
import { sendFile } from './send-file.js';

@Controller('api/files')
export class FilesController {
  constructor(private readonly files: FilesService) {}

  @Post()
  @Allow('teacher')
  @UseFilters(TooLargeFilter)
  @UseInterceptors(FileInterceptor('file', { limits: { fileSize: LARGEST_PICTURE, files: 1 } }))
  async upload(
    @TeacherId() teacherId: string,
    @Body() { name }: NewFile,
    @UploadedFile() file?: Express.Multer.File,
  ): Promise<StoredFileView> {
    if (!file || file.size === 0) throw refuse(422, 'no-file');
    return this.files.keep(file.buffer, name, teacherId);
  }

  @Get(':id')
  @Allow('teacher', 'participant')
  async get(@Who() who: Identity, @Param('id') id: string, @Res() response: Response): Promise<void> {
    sendFile(response, await this.files.get(id, who));
  }
}
