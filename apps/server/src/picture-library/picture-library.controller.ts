/** The picture library, for whoever makes slides or fills them in. */
import { type LibraryPicture, PictureSearch } from '@gobrel/contract';
import { Controller, Get, Param, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import { Allow } from '../accounts/index.js';
import { PictureLibraryService } from './picture-library.service.js';

@Controller('api/picture-library')
@Allow('teacher', 'participant')
export class PictureLibraryController {
  constructor(private readonly library: PictureLibraryService) {}

  @Get()
  find(@Query() { find = '' }: PictureSearch): LibraryPicture[] {
    return this.library.find(find);
  }

  @Get(':name')
  async whole(@Param('name') name: string, @Res() response: Response): Promise<void> {
    send(response, await this.library.picture(name, 'whole'));
  }

  @Get(':name/small')
  async small(@Param('name') name: string, @Res() response: Response): Promise<void> {
    send(response, await this.library.picture(name, 'small'));
  }
}

function send(response: Response, bytes: Buffer): void {
  response.set({ 'Content-Type': 'image/webp', 'Cache-Control': 'private, max-age=86400' }).send(bytes);
}
