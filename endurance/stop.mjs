// The server is stopped in order in mid-typing, and the devices do not come back.
import { startServer, stopServer } from '../scripts/e2e.mjs';
import { startThrowawayDatabase } from '../scripts/postgres.mjs';
import { freePort } from '../scripts/steps.mjs';
import { lookWhatIsThere, pause, typist } from './typist.mjs';

/** Stops the server so often, in mid-typing. */
export async function stopInOrder(times) {
  const database = await startThrowawayDatabase({ durable: true });
  const port = await freePort();
  const address = `http://127.0.0.1:${port}`;
  const sum = { acknowledged: 0, lost: 0 };
  let server = await startServer(database.url, port);
  try {
    for (let time = 0; time < times; time += 1) {
      const typists = await Promise.all(Array.from({ length: 20 }, (_, at) => typist(address, at + 1)));
      await pause(300 + Math.random() * 500);
      await stopServer(server);
      for (const each of typists) each.leave();
      server = await startServer(database.url, port);
      const { acknowledged, lost } = await lookWhatIsThere(address, typists);
      sum.acknowledged += acknowledged;
      sum.lost += lost;
    }
  } finally {
    await stopServer(server);
    database.stop();
  }
  return sum;
}
