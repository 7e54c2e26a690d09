/** What a teacher chooses for a place in a course, over HTTP, and how it stands with the scores that go there. */
import { type ChoosingView, PlaceChoice, type PlaceView, type ScoresSent } from '@gobrel/contract';
import { readString } from '@gobrel/core/deck';
import { Body, Controller, Get, HttpCode, Inject, Param, Post, Query, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { Allow, TeacherId } from '../accounts/index.js';
import { languageFor } from '../languages.js';
import { PLACE, type Place, siteOf } from '../place.js';
import { ChoosingService } from './choosing.service.js';
import { sendReturnPage } from './pages.js';
import { PLATFORM_LANGUAGES } from './platform-texts.js';
import { PlacesService } from './places.service.js';
import { ScoresService } from './scores.service.js';

@Controller('api')
@Allow('teacher')
export class ChoosingController {
  constructor(
    private readonly choosing: ChoosingService,
    private readonly places: PlacesService,
    private readonly scores: ScoresService,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  @Get('choosing/:token')
  view(@Param('token') token: string): Promise<ChoosingView> {
    return this.choosing.view(token);
  }

  /** Keeps what was chosen; gives where it goes back to the platform. */
  @Post('choosing/:token')
  async choose(
    @TeacherId() teacherId: string,
    @Param('token') token: string,
    @Body() body: PlaceChoice,
  ): Promise<{ readonly back: string }> {
    const id = await this.choosing.choose(token, teacherId, body);
    return { back: `/api/choosing/${encodeURIComponent(token)}/back?choice=${id}` };
  }

  /** The page that leads back. */
  @Get('choosing/:token/back')
  async back(
    @TeacherId() teacherId: string,
    @Param('token') token: string,
    @Query('choice') choice: unknown,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    const answer = await this.choosing.answer(
      token,
      teacherId,
      readString(choice, '', 40),
      siteOf(this.place, request),
    );
    sendReturnPage(response, answer, languageFor(request, PLATFORM_LANGUAGES));
  }

  @Get('places/:id')
  viewPlace(@Param('id') id: string): Promise<PlaceView> {
    return this.places.view(id);
  }

  @Post('places/:id')
  @HttpCode(200)
  async fill(@TeacherId() teacherId: string, @Param('id') id: string, @Body() body: PlaceChoice): Promise<PlaceView> {
    return this.places.choose(id, teacherId, { deckId: body.deckId ?? null, lessonId: body.lessonId ?? null });
  }

  @Get('lessons/:id/scores')
  scoresOf(@TeacherId() teacherId: string, @Param('id') id: string): Promise<{ readonly scores: ScoresSent | null }> {
    return this.scores.of(teacherId, id);
  }

  @Post('lessons/:id/scores')
  @HttpCode(200)
  sendAgain(@TeacherId() teacherId: string, @Param('id') id: string): Promise<{ readonly scores: ScoresSent | null }> {
    return this.scores.sendAgain(teacherId, id);
  }
}
