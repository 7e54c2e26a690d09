/**
 * Coming from a platform, over HTTP: it sends somebody to be signed in, is asked who they are, answers by a form, and the browser goes on to a
 * page of ours. Whatever goes wrong is told on such a page, as nobody reads an answer here.
 */
import { readFields, readString } from '@gobrel/core/deck';
import { Controller, Get, Inject, Ip, Param, Post, Query, Req, Res } from '@nestjs/common';
import { parseCookie } from 'cookie';
import type { CookieOptions, Request, Response } from 'express';
import { Allow } from '../accounts/index.js';
import { problemOf } from '../errors/index.js';
import { languageFor } from '../languages.js';
import { ownCookie } from '../own-cookie.js';
import { PLACE, type Place, siteOf } from '../place.js';
import { ArrivalsService } from './arrivals.service.js';
import { type Errand, LaunchingService } from './launching.service.js';
import { SEND_SCRIPT, sendFramePage } from './pages.js';
import { PLATFORM_LANGUAGES } from './platform-texts.js';
import { PlatformsService } from './platforms.service.js';
import { ToolKeyService } from './tool-key.service.js';

const COOKIE = 'gobrel_launch';
/** For how long the platform may take to answer, in milliseconds. */
const LASTS_MS = 10 * 60_000;

@Controller('api/lti')
@Allow('anyone')
export class LaunchController {
  constructor(
    private readonly platforms: PlatformsService,
    private readonly launching: LaunchingService,
    private readonly arrivals: ArrivalsService,
    private readonly key: ToolKeyService,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  /** Our public keys. */
  @Get('keys')
  keys(): Promise<object> {
    return this.key.publicKeys();
  }

  /** The script of the page that leads back to a platform. */
  @Get('send.js')
  script(@Res() response: Response): void {
    response.type('text/javascript').send(SEND_SCRIPT);
  }

  /** The platform sends somebody to be signed in. */
  @Get(':platform/login')
  async login(@Param('platform') id: string, @Req() request: Request, @Res() response: Response): Promise<void> {
    await this.orTell(response, () => this.begin(id, readFields(request.query) ?? {}, request, response));
  }

  /** The same by a form. */
  @Post(':platform/login')
  async loginByForm(@Param('platform') id: string, @Req() request: Request, @Res() response: Response): Promise<void> {
    await this.orTell(response, () => this.begin(id, readFields(request.body) ?? {}, request, response));
  }

  /** The platform says who somebody is. What it says is kept, and taken up by the browser that asked. */
  @Post(':platform/launch')
  async launch(@Param('platform') id: string, @Req() request: Request, @Res() response: Response): Promise<void> {
    await this.orTell(response, async () => {
      const platform = await this.platforms.get(id);
      const said = readFields(request.body);
      const [idToken, state] = [readString(said?.['id_token'], '', 20_000), readString(said?.['state'], '', 200)];
      const ticket = await this.launching.receive(platform, idToken, state);
      // From a form of another site a browser brings no cookies along; to the address where it is sent next it does.
      response.redirect(303, `/api/lti/${platform.id}/enter?ticket=${ticket}`);
    });
  }

  /** The browser takes up what the platform said. */
  @Get(':platform/enter')
  async enter(
    @Param('platform') id: string,
    @Query('ticket') ticket: unknown,
    @Ip() address: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    await this.orTell(response, async () => {
      const platform = await this.platforms.get(id);
      const errand = errandIn(request.headers.cookie);
      response.clearCookie(COOKIE, this.cookieOptions());
      const taken = await this.launching.takeUp(platform.id, readString(ticket, '', 100), errand);
      response.redirect(await this.arrivals.takeIn(platform, taken, address, response));
    });
  }

  private async begin(
    id: string,
    said: Readonly<Record<string, unknown>>,
    request: Request,
    response: Response,
  ): Promise<void> {
    const platform = await this.platforms.get(id);
    const text = (name: string) => readString(said[name], '', 2000);
    const hints = { loginHint: text('login_hint'), messageHint: text('lti_message_hint') };
    const site = siteOf(this.place, request);
    if (['iframe', 'frame'].includes(String(request.headers['sec-fetch-dest']))) {
      const again = new URL(`${site}/api/lti/${platform.id}/login`);
      again.searchParams.set('login_hint', hints.loginHint);
      if (hints.messageHint !== '') again.searchParams.set('lti_message_hint', hints.messageHint);
      const frames = platform.signInUrl;
      return sendFramePage(response, again.href, frames, languageFor(request, PLATFORM_LANGUAGES));
    }
    const { url, errand } = this.launching.begin(platform, hints, `${site}/api/lti/${platform.id}/launch`);
    response.cookie(COOKIE, JSON.stringify(errand), { ...this.cookieOptions(), maxAge: LASTS_MS });
    response.redirect(url);
  }

  /** Does something, and leads to a page that tells what went wrong where it does not work. */
  private async orTell(response: Response, act: () => Promise<void>): Promise<void> {
    try {
      await act();
    } catch (error) {
      response.redirect(303, `/arrived/nowhere?trouble=${problemOf(error).code}`);
    }
  }

  private cookieOptions(): CookieOptions {
    return ownCookie(this.place, '/api/lti');
  }
}

function errandIn(cookies: string | undefined): Errand | null {
  try {
    const fields = readFields(JSON.parse(parseCookie(cookies ?? '')[COOKIE] ?? ''));
    const [state, nonce] = [readString(fields?.['state'], ''), readString(fields?.['nonce'], '')];
    return state === '' || nonce === '' ? null : { state, nonce };
  } catch {
    return null;
  }
}
