/** Uploading pictures, and giving them to whoever is signed in. */
import { LARGEST_PICTURE, type PictureView } from '@gobrel/contract';
import { Controller, Get, Param, Post, Res, UploadedFile, UseFilters, UseInterceptors } from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import type { Response } from 'express';
import { Allow } from '../accounts/index.js';
import { refuse } from '../errors/index.js';
import { PicturesService } from './pictures.service.js';
import { TooLargeFilter } from './too-large.filter.js';

@Controller('api/pictures')
export class PicturesController {
  constructor(private readonly pictures: PicturesService) {}

  @Post()
  @Allow('teacher')
  @UseFilters(TooLargeFilter)
  @UseInterceptors(FileInterceptor('picture', { limits: { fileSize: LARGEST_PICTURE, files: 1 } }))
  async upload(@UploadedFile() file?: Express.Multer.File): Promise<PictureView> {
    if (!file || file.size === 0)
      throw refuse(422, 'no-picture', 'No picture came along. Choose a file and try again.');
    return this.pictures.keep(file.buffer);
  }

  @Get(':id')
  @Allow('teacher', 'participant')
  async get(@Param('id') id: string, @Res() response: Response): Promise<void> {
    const picture = await this.pictures.get(id);
    response
      .set({
        'Content-Type': picture.mediaType,
        'Cache-Control': 'private, max-age=31536000, immutable',
        'Content-Security-Policy': "default-src 'none'; sandbox",
      })
      .send(picture.bytes);
  }
}
