/** Looking at a shared deck, for anybody who has its address. */
import {
  CheckLooker,
  type DeckOfOwn,
  type LookerChecks,
  Passcode,
  type ShownDeck,
  type ShowPass,
} from '@gobrel/contract';
import { Body, Controller, Get, HttpCode, Ip, type MessageEvent, Param, Post, Query, Res, Sse } from '@nestjs/common';
import type { Response } from 'express';
import type { Observable } from 'rxjs';
import { Allow, TeacherId } from '../accounts/index.js';
import { FilesService, sendFile } from '../files/index.js';
import { PicturesService, sendPicture } from '../pictures/index.js';
import { ShowNews } from './show-news.service.js';
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
  show(@Param('address') address: string, @Query('pass') pass?: string): Promise<ShownDeck> {
    return this.shown.show(address, passOf(pass));
  }

  @Sse('news')
  async follow(@Param('address') address: string): Promise<Observable<MessageEvent>> {
    await this.shown.expectShare(address);
    return this.news.of(address);
  }

  @Post('pass')
  @HttpCode(200)
  pass(@Param('address') address: string, @Body() { passcode }: Passcode, @Ip() from: string): Promise<ShowPass> {
    return this.shown.pass(address, passcode, from);
  }

  @Post('looks')
  @HttpCode(204)
  count(@Param('address') address: string, @Query('pass') pass?: string): Promise<void> {
    return this.shown.count(address, passOf(pass));
  }

  @Post('checks')
  @HttpCode(200)
  check(
    @Param('address') address: string,
    @Body() body: CheckLooker,
    @Query('pass') pass?: string,
  ): Promise<LookerChecks> {
    return this.shown.check(address, passOf(pass), body);
  }

  @Post('copy')
  @Allow('teacher')
  async copy(
    @TeacherId() teacherId: string,
    @Param('address') address: string,
    @Query('pass') pass?: string,
  ): Promise<DeckOfOwn> {
    return { deckId: await this.shown.copy(address, passOf(pass), teacherId) };
  }

  @Post('join')
  @Allow('teacher')
  async join(
    @TeacherId() teacherId: string,
    @Param('address') address: string,
    @Query('pass') pass?: string,
  ): Promise<DeckOfOwn> {
    return { deckId: await this.shown.join(address, passOf(pass), teacherId) };
  }

  @Get('pictures/:id')
  async picture(
    @Param('address') address: string,
    @Param('id') id: string,
    @Res() response: Response,
    @Query('pass') pass?: string,
  ): Promise<void> {
    await this.shown.expectContent(address, passOf(pass), id, 'picture');
    const { mediaType, bytes } = await this.pictures.stored(id);
    sendPicture(response, mediaType, bytes, KEPT_SECONDS);
  }

  @Get('pictures/:id/still')
  async still(
    @Param('address') address: string,
    @Param('id') id: string,
    @Res() response: Response,
    @Query('pass') pass?: string,
  ): Promise<void> {
    await this.shown.expectContent(address, passOf(pass), id, 'picture');
    sendPicture(response, 'image/webp', await this.pictures.stillOf(id, address), KEPT_SECONDS);
  }

  @Get('files/:id')
  async file(
    @Param('address') address: string,
    @Param('id') id: string,
    @Res() response: Response,
    @Query('pass') pass?: string,
  ): Promise<void> {
    await this.shown.expectContent(address, passOf(pass), id, 'file');
    sendFile(response, await this.files.stored(id), KEPT_SECONDS);
  }
}

/** What came as the pass, when it is a text. */
function passOf(pass: unknown): string {
  return typeof pass === 'string' ? pass : '';
}
