/** Builds the Nest application with everything that stands in front of its routes. */
import { NestFactory } from '@nestjs/core';
import type { NestExpressApplication } from '@nestjs/platform-express';
import compression from 'compression';
import helmet from 'helmet';
import { pino } from 'pino';
import { pinoHttp } from 'pino-http';
import { AppModule } from './app.module.js';
import { cleanRequest, contractPipe, ownPagesOnly, ProblemFilter } from './errors/index.js';
import type { Place } from './place.js';
import { stickers } from './stickers.js';
import { webFiles } from './web-files.js';

/** Where things are. */
interface ServerOptions {
  /** postgres://… */
  readonly databaseUrl: string;
  readonly place: Place;
  /** Folder of the built web application, or `null` when somebody else serves it. */
  readonly webFolder: string | null;
  /** Whether to write a line a request to standard output. */
  readonly logRequests: boolean;
}

/** The largest JSON in a request, in bytes: a starter is a few slides as JSON. */
const LARGEST_JSON = 2_000_000;

/** An application that is ready to listen. Migrations have run. */
export async function createApplication(options: ServerOptions): Promise<NestExpressApplication> {
  const app = await NestFactory.create<NestExpressApplication>(AppModule.on(options.databaseUrl, options.place), {
    logger: ['error', 'warn'],
    abortOnError: false,
  });
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
          // Spoken answers are part of the work and played from there.
          mediaSrc: ["'self'", 'data:'],
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
  if (options.logRequests)
    app.use(pinoHttp({ logger: pino({ redact: ['req.headers.cookie', 'res.headers["set-cookie"]'] }) }));
  app.use(compression());
  app.use(ownPagesOnly);
  app.use(cleanRequest);
  app.use('/stickers', stickers());
  if (options.webFolder) app.use(...webFiles(options.webFolder));
  app.useGlobalPipes(contractPipe());
  app.useGlobalFilters(new ProblemFilter());
  app.enableShutdownHooks();
  return app;
}
