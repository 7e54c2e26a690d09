/** Uploading pictures, and giving them to whoever is signed in. */
import { type KeptPictures, LARGEST_PICTURE, PictureIds, type PictureView } from '@gobrel/contract';
import {
  Body,
  Controller,
  Get,
  HttpCode,
  Param,
  Post,
  Res,
  UploadedFile,
  UseFilters,
  UseInterceptors,
} from '@nestjs/common';
import { FileInterceptor } from '@nestjs/platform-express';
import type { Response } from 'express';
import { Allow, type Identity, TeacherId, Who } from '../accounts/index.js';
import { refuse } from '../errors/index.js';
import { ContentAccessService } from './content-access.service.js';
import { PicturesService } from './pictures.service.js';
import { sendPicture } from './send-picture.js';
import { TooLargeFilter } from './too-large.filter.js';

@Controller('api/pictures')
export class PicturesController {
  constructor(
    private readonly pictures: PicturesService,
    private readonly access: ContentAccessService,
  ) {}

  @Post()
  @Allow('teacher')
  @UseFilters(TooLargeFilter)
  @UseInterceptors(FileInterceptor('picture', { limits: { fileSize: LARGEST_PICTURE, files: 1 } }))
  async upload(@TeacherId() teacherId: string, @UploadedFile() file?: Express.Multer.File): Promise<PictureView> {
    if (!file || file.size === 0) throw refuse(422, 'no-picture');
    return this.pictures.keep(file.buffer, teacherId);
  }

  @Post('kept')
  @HttpCode(200)
  @Allow('teacher')
  async keep(@TeacherId() teacherId: string, @Body() { ids }: PictureIds): Promise<KeptPictures> {
    return { refused: await this.access.keepFor(teacherId, ids) };
  }

  @Get(':id')
  @Allow('teacher', 'participant')
  async get(@Who() who: Identity, @Param('id') id: string, @Res() response: Response): Promise<void> {
    const { mediaType, bytes } = await this.pictures.get(id, who);
    sendPicture(response, mediaType, bytes);
  }

  @Get(':id/still')
  @Allow('teacher', 'participant')
  async getStill(@Who() who: Identity, @Param('id') id: string, @Res() response: Response): Promise<void> {
    sendPicture(response, 'image/webp', await this.pictures.still(id, who));
  }
}
