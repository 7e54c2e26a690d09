/**
 * Signing in through the school's provider, over HTTP: there and back again. Whoever comes back is sent on to a page of ours, as this is
 * no request of a script.
 */
import { plainCode, type SignInWays } from '@gobrel/contract';
import { readFields, readString } from '@gobrel/core/deck';
import { Controller, Get, HttpCode, Inject, Ip, Logger, Post, Query, Req, Res } from '@nestjs/common';
import { parseCookie } from 'cookie';
import type { CookieOptions, Request, Response } from 'express';
import { Allow, type Identity, Who } from '../accounts/index.js';
import { TeacherArrivalsService, WaitingArrivalsService } from '../arriving/index.js';
import { problemOf, refuse } from '../errors/index.js';
import { StudentArrivalsService } from '../lessons/index.js';
import { ownCookie } from '../own-cookie.js';
import { PLACE, type Place, siteOf } from '../place.js';
import { type Errand, ProviderService, type Returned } from './provider.service.js';

const COOKIE = 'gobrel_errand';
/** For how long somebody may be at the provider, in milliseconds. */
const LASTS_MS = 15 * 60_000;

/** Why somebody went to the provider, which is remembered in their own browser. */
interface Going extends Errand {
  /** The code of a lesson, for a student; '' for a teacher. */
  readonly code: string;
  /** Whether a teacher who is signed in connects their account. */
  readonly connects: boolean;
  /** Where a teacher wanted to go. */
  readonly then: string;
}

@Controller('api/sign-in')
@Allow('anyone')
export class OidcController {
  private readonly log = new Logger('SignIn');

  constructor(
    private readonly provider: ProviderService,
    private readonly teachers: TeacherArrivalsService,
    private readonly students: StudentArrivalsService,
    private readonly waiting: WaitingArrivalsService,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  /** By what one can sign in, besides passwords and PINs. */
  @Get('ways')
  ways(): SignInWays {
    return { provider: this.provider.name };
  }

  /** Sends somebody to the provider: a student with the `code` of their lesson, or a teacher. */
  @Get('provider')
  async go(
    @Query() { code, then }: Readonly<Partial<Record<string, unknown>>>,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    const lesson = plainCode(readString(code, '', 20));
    try {
      response.redirect(
        await this.begin({ code: lesson, connects: false, then: readString(then, '', 500) }, request, response),
      );
    } catch {
      // What was wrong is in the log.
      response.redirect(backFor(lesson, 'provider-away'));
    }
  }

  /**
   * Begins connecting the account of a teacher who is signed in; gives where they go. Asked for by a page of ours only, as another site could
   * send them there to be connected with somebody else.
   */
  @Post('provider')
  @HttpCode(200)
  @Allow('teacher')
  async connect(
    @Req() request: Request,
    @Res({ passthrough: true }) response: Response,
  ): Promise<{ readonly url: string }> {
    if (this.provider.name === null) throw refuse(404, 'nothing-here');
    try {
      return { url: await this.begin({ code: '', connects: true, then: '' }, request, response) };
    } catch {
      throw refuse(503, 'provider-away');
    }
  }

  /** Takes in whoever comes back from the provider. */
  @Get('provider/back')
  async comeBack(
    @Who() who: Identity,
    @Ip() address: string,
    @Req() request: Request,
    @Res() response: Response,
  ): Promise<void> {
    const going = goingIn(request.headers.cookie);
    response.clearCookie(COOKIE, this.cookieOptions());
    if (!going) return response.redirect(backFor('', 'provider-refused'));
    const url = new URL(request.originalUrl, `${siteOf(this.place, request)}/`);
    const returned = await this.provider.comeBack(url, going).catch((error: unknown) => {
      this.log.warn(`Nobody came back from the provider: ${String(error)}`);
      return null;
    });
    if (!returned) return response.redirect(backFor(going.code, 'provider-refused'));
    try {
      response.redirect(await this.takeIn(returned, going, who, { address, request, response }));
    } catch (error) {
      response.redirect(backFor(going.code, problemOf(error).code));
    }
  }

  /** The page of ours where somebody goes on. */
  private async takeIn(
    { person, isStudent, rosterId }: Returned,
    { code, connects, then }: Going,
    { teacherId }: Identity,
    by: { readonly address: string; readonly request: Request; readonly response: Response },
  ): Promise<string> {
    if (code !== '') {
      const isIn = await this.students.arrive(code, { ...person, rosterId }, by.address, by.response);
      if (isIn) return '/arrived/student';
      await this.waiting.wait(person, by.response);
      return `/join/${code}?waits=yes`;
    }
    if (isStudent) return backFor('', 'provider-students');
    if (connects && teacherId) {
      await this.teachers.connectSignedIn(person, teacherId);
      return '/account';
    }
    const arrival = await this.teachers.arrive(person, by.response);
    if (arrival === 'no-address') return backFor('', 'provider-no-address');
    if (arrival === 'waits') return `/sign-in?waits=yes&then=${encodeURIComponent(then)}`;
    return `/arrived/teacher?then=${encodeURIComponent(then)}`;
  }

  /** Where somebody goes, with what their browser remembers meanwhile. */
  private async begin(going: Omit<Going, keyof Errand>, request: Request, response: Response): Promise<string> {
    const { url, errand } = await this.provider.begin(this.backAt(request));
    response.cookie(COOKIE, JSON.stringify({ ...errand, ...going }), { ...this.cookieOptions(), maxAge: LASTS_MS });
    return url.href;
  }

  private backAt(request: Request): string {
    return `${siteOf(this.place, request)}/api/sign-in/provider/back`;
  }

  private cookieOptions(): CookieOptions {
    return ownCookie(this.place, '/api/sign-in');
  }
}

/** The page where somebody began, which says what went wrong. */
function backFor(code: string, trouble: string): string {
  return code === '' ? `/sign-in?trouble=${trouble}` : `/join/${code}?trouble=${trouble}`;
}

function goingIn(cookies: string | undefined): Going | null {
  try {
    const fields = readFields(JSON.parse(parseCookie(cookies ?? '')[COOKIE] ?? ''));
    const text = (name: keyof Going) => readString(fields?.[name], '', 500);
    const going = { state: text('state'), nonce: text('nonce'), verifier: text('verifier') };
    if (Object.values(going).includes('')) return null;
    return { ...going, code: plainCode(text('code')), connects: fields?.['connects'] === true, then: text('then') };
  } catch {
    return null;
  }
}
