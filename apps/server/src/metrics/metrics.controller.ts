/** Figures, over HTTP: for this machine only, and not for what a proxy passes on. */
import { Controller, Get, NotFoundException, Req, Res } from '@nestjs/common';
import type { Request, Response } from 'express';
import { Allow } from '../accounts/index.js';
import { isLoopback } from '../place.js';
import { MetricsService } from './metrics.service.js';

@Controller('metrics')
@Allow('anyone')
export class MetricsController {
  constructor(private readonly metrics: MetricsService) {}

  @Get()
  async all(@Req() { socket, headers }: Request, @Res() response: Response): Promise<void> {
    if (headers['x-forwarded-for'] !== undefined || !isLoopback(socket.remoteAddress ?? ''))
      throw new NotFoundException();
    const { type, text } = await this.metrics.text();
    response.type(type).send(text);
  }
}
