/** Builds the Nest application with everything that stands in front of its routes. */
import type { Server } from 'node:http';
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import helmet from 'helmet';
import type { Logger } from 'pino';
import { AppModule } from './app.module.js';
import { cleanRequest, contractPipe, ownPagesOnly, ProblemFilter } from './errors/index.js';
import { FrameworkLog, noteRequests } from './log.js';
import { MetricsService } from './metrics/index.js';
import type { Place } from './place.js';
import { showPages, ShownDecksService } from './sharing/index.js';
import { stickers } from './stickers.js';
import { stillFonts } from './still-fonts.js';
import { webFiles } from './web-files.js';

/** Where things are, and where the server says what it does. */
export interface ServerOptions {
  /** postgres://… */
  readonly databaseUrl: string;
  /** redis://… of what carries the bus between processes; `null` for the database itself. */
  readonly redisUrl: string | null;
  readonly place: Place;
  /** Folder of the built web application, or `null` when somebody else serves it. */
  readonly webFolder: string | null;
  readonly log: Logger;
  /** Whether to log a line a request. */
  readonly logRequests: boolean;
}

/** The largest JSON in a request, in bytes: a template is a few slides as JSON. */
const LARGEST_JSON = 2_000_000;

/**
 * How long a connection rests before it is closed, in milliseconds: longer than a proxy keeps one (nginx: 60 s). One that
 * were closed here first would now and then be closed just as the next request goes out on it.
 */
const RESTS_MS = 75_000;

/** An application that is ready to listen. Migrations have run. */
export async function createApplication(options: ServerOptions): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(
    AppModule.on(options.databaseUrl, options.redisUrl, options.place),
    {
      logger: new FrameworkLog(options.log),
      abortOnError: false,
    },
  );
  app.disable('x-powered-by');
  if (options.place.isBehindTls) app.set('trust proxy', 'loopback');
  app.useBodyParser('json', { limit: LARGEST_JSON });
  app.use(
    helmet({
      contentSecurityPolicy: {
        useDefaults: false,
        directives: {
          defaultSrc: ["'self'"],
          imgSrc: ["'self'", 'data:', 'blob:'],
          // Spoken answers are part of the work and played from there; what is chosen or recorded is heard before it is sent.
          mediaSrc: ["'self'", 'data:', 'blob:'],
          // Positions and colours of items are inline styles; scripts are never inline.
          styleSrc: ["'self'", "'unsafe-inline'"],
          objectSrc: ["'none'"],
          baseUri: ["'self'"],
          formAction: ["'self'"],
          frameAncestors: ["'none'"],
        },
      },
      strictTransportSecurity: options.place.isBehindTls && { maxAge: 365 * 24 * 60 * 60 },
    }),
  );
  const metrics = app.get(MetricsService);
  app.use(
    noteRequests(({ method, route, status, took }) => {
      metrics.answered(method, route, status, took);
      if (options.logRequests) options.log.info({ method, route, status, ms: Math.round(took * 1000) }, 'request');
    }),
  );
  app.use(compression());
  app.use(ownPagesOnly);
  app.use(cleanRequest);
  app.use('/stickers', stickers());
  const shown = app.get(ShownDecksService);
  app.use(showPages(options.place, (address) => shown.isListed(address)));
  if (options.webFolder) {
    app.use('/fonts', stillFonts(options.webFolder));
    app.use(...webFiles(options.webFolder));
  }
  app.useGlobalPipes(contractPipe());
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  const server: Server = app.getHttpServer();
  server.keepAliveTimeout = RESTS_MS;
  return app;
}
