/** The picture library, for whoever makes slides or fills them in. */
import { LibraryQuery, type LibraryPicture, type LibraryPictures } from '@gobrel/contract';
import { licenceIn } from '@gobrel/core/deck';
import { Controller, Get, Inject, Param, Query, Res } from '@nestjs/common';
import type { Response } from 'express';
import { Allow } from '../accounts/index.js';
import { type FoundPicture, PICTURE_SOURCE, type PictureSource } from './picture-source.js';

@Controller('api/picture-library')
@Allow('teacher', 'participant')
export class PictureLibraryController {
  constructor(@Inject(PICTURE_SOURCE) private readonly source: PictureSource) {}

  @Get()
  async find(@Query() query: LibraryQuery): Promise<LibraryPictures> {
    const { results, result_count, page, page_count } = await this.source.search(query);
    return { pictures: results.map(told), count: result_count, isMore: page < page_count };
  }

  @Get(':name')
  async whole(@Param('name') name: string, @Res() response: Response): Promise<void> {
    send(response, await this.source.picture(name, 'whole'));
  }

  @Get(':name/small')
  async small(@Param('name') name: string, @Res() response: Response): Promise<void> {
    send(response, await this.source.picture(name, 'small'));
  }
}

/** A found picture with its papers as ours are; one whose licence nobody knows here has none. */
function told({ id, title, creator, license_url, foreign_landing_url, width, height }: FoundPicture): LibraryPicture {
  return {
    name: id,
    shows: title,
    by: creator,
    licence: licenceIn(license_url),
    source: foreign_landing_url,
    width,
    height,
  };
}

function send(response: Response, bytes: Buffer): void {
  response.set({ 'Content-Type': 'image/webp', 'Cache-Control': 'private, max-age=86400' }).send(bytes);
}
