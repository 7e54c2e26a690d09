/** Starts the server. Settings: DATABASE_URL, GOBREL_REDIS, PORT, WEB_FOLDER, LOG_REQUESTS=yes, and where it runs (`place.ts`). */
import 'reflect-metadata';
import type { INestApplication } from '@nestjs/common';
import { createApplication } from './application.js';
import { listenForCare } from './bus/index.js';
import { createLog, takeConsole } from './log.js';
import { placeFrom } from './place.js';
import { SampleService } from './sample/index.js';
import { readFields } from '@gobrel/core/deck';

const { DATABASE_URL, GOBREL_REDIS, PORT, WEB_FOLDER, LOG_REQUESTS } = process.env;

/** How long the last net waits for an orderly end, in milliseconds. */
const LAST_WAIT_MS = 15_000;

const inWords = (reason: unknown) => (reason instanceof Error ? (reason.stack ?? reason.message) : String(reason));

const log = createLog();

// The last net: whatever nobody waited for is said, and the lessons of everybody else go on.
process.on('unhandledRejection', (reason) => log.error(`Something failed unheard: ${inWords(reason)}`));

/** After what nobody caught, nothing is known to be as it should be: what there is goes to disk, and the process ends. */
function endAfter(app: INestApplication): void {
  process.once('uncaughtException', (error) => {
    log.fatal(`Something went wrong that nobody caught; the server ends: ${inWords(error)}`);
    setTimeout(() => process.exit(1), LAST_WAIT_MS).unref();
    void app.close().finally(() => process.exit(1));
  });
}

try {
  if (!DATABASE_URL) throw new Error('DATABASE_URL is not set. Start with "npm start", which sets it.');
  const place = placeFrom(process.env);
  const app = await createApplication({
    databaseUrl: DATABASE_URL,
    redisUrl: GOBREL_REDIS ?? null,
    place,
    webFolder: WEB_FOLDER ?? null,
    log,
    logRequests: LOG_REQUESTS === 'yes',
  });
  if (place.loadsSample) await app.get(SampleService).loadIntoEmptyDatabase();
  takeConsole(log);
  endAfter(app);
  // As whoever stops it would.
  listenForCare(DATABASE_URL, () => process.kill(process.pid, 'SIGTERM'));
  await app.listen(Number(PORT ?? 4170), place.host);
  // Whoever started it may be gone by now.
  if (process.connected) process.send?.('listening');
} catch (error) {
  const code = readFields(error)?.['code'];
  if (code === 'EADDRINUSE') {
    console.error(`Port ${PORT} is taken by another program. Stop that one, or start with PORT=<another number>.`);
  } else {
    console.error(`The server did not start: ${error instanceof Error ? error.message : String(error)}`);
  }
  process.exit(1);
}
