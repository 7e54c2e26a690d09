// The server is killed hard in mid-typing, again and again, and the devices do not come back: what it acknowledged must be
// there when it starts again.
import { startServer } from '../scripts/e2e.mjs';
import { startThrowawayDatabase } from '../scripts/postgres.mjs';
import { freePort } from '../scripts/steps.mjs';
import { lookWhatIsThere, pause, typist } from './typist.mjs';

const STUDENTS = 8;

/** Kills the server so often. Gives how many students had something acknowledged, and how many of them lost it. */
export async function kill(times) {
  const database = await startThrowawayDatabase({ durable: true });
  const port = await freePort();
  const address = `http://127.0.0.1:${port}`;
  const sum = { acknowledged: 0, lost: 0 };
  let server = await startServer(database.url, port);
  try {
    for (let time = 0; time < times; time += 1) {
      const places = Array.from({ length: STUDENTS }, (_, at) => 1 + ((time * STUDENTS + at) % 20));
      const typists = await Promise.all(places.map((place) => typist(address, place)));
      await pause(200 + Math.random() * 800);
      server.removeAllListeners('exit');
      const gone = new Promise((resolve) => server.once('exit', resolve));
      server.kill('SIGKILL');
      await gone;
      for (const each of typists) each.leave();
      server = await startServer(database.url, port);
      const { acknowledged, lost } = await lookWhatIsThere(address, typists);
      sum.acknowledged += acknowledged;
      sum.lost += lost;
    }
  } finally {
    server.removeAllListeners('exit');
    server.kill('SIGKILL');
    database.stop();
  }
  return sum;
}
