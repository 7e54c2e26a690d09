/** Says to pages that know oEmbed 1.0 (https://oembed.com) how a published show is embedded. */
import { embedCode, embeddedHeight } from '@gobrel/contract';
import { sizeOf } from '@gobrel/core/deck';
import { Controller, Get, Inject, Query, Req } from '@nestjs/common';
import type { Request } from 'express';
import { Allow } from '../accounts/index.js';
import { refuse } from '../errors/index.js';
import { PLACE, type Place, siteOf } from '../place.js';
import { ShownDecksService } from './shown-decks.service.js';

/** As wide as a show is where a page does not say how much room it has, in CSS pixels. */
const USUAL_WIDTH = 960;
/** Narrower than this nothing can be read, in CSS pixels. */
const LEAST_WIDTH = 240;

/** What oEmbed calls a rich answer. */
interface RichEmbed {
  readonly version: '1.0';
  readonly type: 'rich';
  readonly provider_name: 'Gobrel';
  readonly provider_url: string;
  readonly title: string;
  readonly html: string;
  readonly width: number;
  readonly height: number;
}

@Controller('api/oembed')
export class OEmbedController {
  constructor(
    private readonly shown: ShownDecksService,
    @Inject(PLACE) private readonly place: Place,
  ) {}

  @Get()
  @Allow('anyone')
  async embed(@Req() request: Request, @Query() query: Readonly<Record<string, unknown>>): Promise<RichEmbed> {
    const site = siteOf(this.place, request);
    const address = addressIn(query['url'], site);
    if (address === null) throw refuse(404, 'nothing-here');
    if (query['format'] !== undefined && query['format'] !== 'json') throw refuse(501, 'refused');
    const deck = await this.shown.embeddable(address);
    const slide = sizeOf(deck);
    const width = widthWithin(query, slide);
    const { title } = deck;
    return {
      version: '1.0',
      type: 'rich',
      provider_name: 'Gobrel',
      provider_url: site,
      title,
      html: embedCode({ site, address, title, slide, width }),
      width,
      height: embeddedHeight({ slide, width }),
    };
  }
}

/** The show that a web address leads to; `null` for any other. */
function addressIn(url: unknown, site: string): string | null {
  if (typeof url !== 'string' || !url.startsWith(`${site}/`)) return null;
  return /^\/(?:show|embed)\/([\w-]{16})$/.exec(url.slice(site.length))?.[1] ?? null;
}

/** As wide as a page has room for, in both directions. */
function widthWithin(
  { maxwidth, maxheight }: Readonly<Record<string, unknown>>,
  slide: { readonly width: number; readonly height: number },
): number {
  const widest = Math.max(LEAST_WIDTH, Math.min(USUAL_WIDTH, Number(maxwidth) || USUAL_WIDTH));
  const highest = Number(maxheight) || Infinity;
  const tooHigh = embeddedHeight({ slide, width: widest }) - highest;
  if (!(tooHigh > 0)) return Math.floor(widest);
  return Math.max(LEAST_WIDTH, Math.floor(widest - (tooHigh * slide.width) / slide.height));
}
