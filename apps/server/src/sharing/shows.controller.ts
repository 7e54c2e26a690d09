/** Looking at a shared deck, for anybody who has its address. */
import {
  CheckLooker,
  type DeckOfOwn,
  type LookerChecks,
  Passcode,
  type ShownDeck,
  type ShowPass,
} from '@gobrel/contract';
import { Body, Controller, Get, HttpCode, Ip, type MessageEvent, Param, Post, Req, Res, Sse } from '@nestjs/common';
import type { Request, Response } from 'express';
import type { Observable } from 'rxjs';
import { Allow, TeacherId } from '../accounts/index.js';
import { FilesService, sendFile } from '../files/index.js';
import { PicturesService, sendPicture } from '../pictures/index.js';
import { ShowNews } from './show-news.service.js';
import { LooksAt, type ShownAt } from './shown-at.js';
import { ShownDecksService } from './shown-decks.service.js';

/** For how long a browser keeps what a show shows, in seconds: it may be taken back. */
const KEPT_SECONDS = 600;

@Controller('api/shows/:address')
@Allow('anyone')
export class ShowsController {
  constructor(
    private readonly shown: ShownDecksService,
    private readonly news: ShowNews,
    private readonly pictures: PicturesService,
    private readonly files: FilesService,
  ) {}

  @Get()
  show(@LooksAt() at: ShownAt): Promise<ShownDeck> {
    return this.shown.show(at);
  }

  @Sse('news')
  async follow(@LooksAt() { address }: ShownAt): Promise<Observable<MessageEvent>> {
    await this.shown.expectShare(address);
    return this.news.of(address);
  }

  @Post('pass')
  @HttpCode(200)
  pass(@LooksAt() { address }: ShownAt, @Body() { passcode }: Passcode, @Ip() from: string): Promise<ShowPass> {
    return this.shown.pass(address, passcode, from);
  }

  @Post('looks')
  @HttpCode(204)
  count(@LooksAt() at: ShownAt): Promise<void> {
    return this.shown.count(at);
  }

  @Post('checks')
  @HttpCode(200)
  check(@LooksAt() at: ShownAt, @Body() body: CheckLooker): Promise<LookerChecks> {
    return this.shown.check(at, body);
  }

  @Post('copy')
  @Allow('teacher')
  async copy(@TeacherId() teacherId: string, @LooksAt() at: ShownAt): Promise<DeckOfOwn> {
    return { deckId: await this.shown.copy(at, teacherId) };
  }

  @Post('join')
  @Allow('teacher')
  async join(@TeacherId() teacherId: string, @LooksAt() at: ShownAt): Promise<DeckOfOwn> {
    return { deckId: await this.shown.join(at, teacherId) };
  }

  @Get('pictures/:id')
  async picture(@LooksAt() at: ShownAt, @Param('id') id: string, @Res() response: Response): Promise<void> {
    await this.shown.expectContent(at, id, 'picture');
    const { mediaType, bytes } = await this.pictures.stored(id);
    sendPicture(response, mediaType, bytes, KEPT_SECONDS);
  }

  @Get('pictures/:id/still')
  async still(@LooksAt() at: ShownAt, @Param('id') id: string, @Res() response: Response): Promise<void> {
    await this.shown.expectContent(at, id, 'picture');
    sendPicture(response, 'image/webp', await this.pictures.stillOf(id, at.address), KEPT_SECONDS);
  }

  @Get('files/:id')
  async file(
    @LooksAt() at: ShownAt,
    @Param('id') id: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    await this.shown.expectContent(at, id, 'file');
    await sendFile(request, response, this.files, await this.files.stored(id), KEPT_SECONDS);
  }
}
