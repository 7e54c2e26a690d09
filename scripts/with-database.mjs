// Runs a command beside a throwaway database and Redis: node scripts/with-database.mjs COMMAND …
import { startThrowawayDatabase } from './postgres.mjs';
import { startRedis } from './redis.mjs';
import { main, runLoud } from './steps.mjs';

main(async () => {
  const [command, ...args] = process.argv.slice(2);
  const database = await startThrowawayDatabase();
  const redis = await startRedis();
  try {
    const env = {
      ...process.env,
      TEST_DATABASE_URL: database.url,
      TEST_DATABASE_CONTROL: database.control,
      TEST_REDIS_URL: redis.url,
    };
    const { code } = await runLoud(command, args, { env });
    process.exitCode = code;
  } finally {
    await redis.stop();
    database.stop();
  }
});
