// Runs a command beside a throwaway database: node scripts/with-database.mjs COMMAND …
import { startThrowawayDatabase } from './postgres.mjs';
import { main, runLoud } from './steps.mjs';

main(async () => {
  const [command, ...args] = process.argv.slice(2);
  const database = await startThrowawayDatabase();
  try {
    const env = { ...process.env, TEST_DATABASE_URL: database.url, TEST_DATABASE_CONTROL: database.control };
    const { code } = await runLoud(command, args, { env });
    process.exitCode = code;
  } finally {
    database.stop();
  }
});
