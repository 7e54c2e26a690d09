/** Starts the server. Settings: DATABASE_URL, PORT, HOST, WEB_FOLDER, LOG_REQUESTS=yes, LOAD_SAMPLE=yes. */
import 'reflect-metadata';
import { createApplication } from './application.js';
import { SampleService } from './sample/index.js';
import { readFields } from '@gobrel/core/deck';

const { DATABASE_URL, PORT, HOST, WEB_FOLDER, LOG_REQUESTS, LOAD_SAMPLE } = process.env;

// The last net: whatever nobody waited for is said, and the lessons of everybody else go on.
process.on('unhandledRejection', (reason) => {
  console.error(
    `Something failed unheard: ${reason instanceof Error ? (reason.stack ?? reason.message) : String(reason)}`,
  );
});

try {
  if (!DATABASE_URL) throw new Error('DATABASE_URL is not set. Start with "npm start", which sets it.');
  const app = await createApplication({
    databaseUrl: DATABASE_URL,
    webFolder: WEB_FOLDER ?? null,
    logRequests: LOG_REQUESTS === 'yes',
  });
  if (LOAD_SAMPLE === 'yes') await app.get(SampleService).loadIntoEmptyDatabase();
  await app.listen(Number(PORT ?? 4170), HOST ?? '127.0.0.1');
  process.send?.('listening');
} catch (error) {
  const code = readFields(error)?.['code'];
  if (code === 'EADDRINUSE') {
    console.error(`Port ${PORT} is taken by another program. Stop that one, or start with PORT=<another number>.`);
  } else {
    console.error(`The server did not start: ${error instanceof Error ? error.message : String(error)}`);
  }
  process.exit(1);
}
