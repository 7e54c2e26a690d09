// The server ends in mid-typing, again and again, and the devices do not come back: what it acknowledged must be there when
// it starts again.
import { startServer, stopServer } from '../scripts/e2e.mjs';
import { startThrowawayDatabase } from '../scripts/postgres.mjs';
import { freePort } from '../scripts/steps.mjs';
import { lookWhatIsThere, pause, typist } from './typist.mjs';

const STUDENTS = 20;

/** Kills a server hard; resolves when it is gone. */
export function killServer(server) {
  server.removeAllListeners('exit');
  const gone = new Promise((resolve) => server.once('exit', resolve));
  server.kill('SIGKILL');
  return gone;
}

/**
 * Ends the server so often.
 * @param end `killServer`, or `stopServer` for an orderly end
 * @returns how many students had something acknowledged, and how many of them lost it
 */
export async function endAgainAndAgain(times, end) {
  const database = await startThrowawayDatabase({ durable: true });
  const port = await freePort();
  const address = `http://127.0.0.1:${port}`;
  const sum = { acknowledged: 0, lost: 0 };
  let server = await startServer(database.url, port);
  try {
    for (let time = 0; time < times; time += 1) {
      const typists = await Promise.all(Array.from({ length: STUDENTS }, (_, at) => typist(address, at + 1)));
      await pause(200 + Math.random() * 800);
      await end(server);
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
