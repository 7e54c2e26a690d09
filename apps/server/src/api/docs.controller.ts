/** The document of the HTTP API, for people and for programs. */
import { Controller, Get, Inject, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { Allow } from '../accounts/index.js';
import { PLACE, type Place, siteOf } from '../place.js';
import { describeApi } from './describe-api.js';
import type { ApiDocument } from './document.js';
import { docsPage } from './docs-page.js';

@Controller('api/docs')
@Allow('anyone')
export class DocsController {
  constructor(@Inject(PLACE) private readonly place: Place) {}

  @Get()
  page(@Req() request: Request, @Res() response: Response): void {
    response.type('html').send(docsPage(describeApi(), siteOf(this.place, request)));
  }

  @Get('openapi.json')
  document(): ApiDocument {
    return describeApi();
  }
}
