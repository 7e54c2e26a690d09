// The database is stopped at once, in mid-typing, for as long as it takes; once the server is killed meanwhile.
import { spawnSync } from 'node:child_process';
import { startServer, stopServer } from '../scripts/e2e.mjs';
import { startThrowawayDatabase } from '../scripts/postgres.mjs';
import { freePort, Trouble } from '../scripts/steps.mjs';
import { killServer } from './ends.mjs';
import { lookWhatIsThere, pause, typist, waitingInVain } from './typist.mjs';

const PATIENCE = 30_000;

/**
 * @param seconds how long the database is away
 * @param isKilled whether the server is killed hard before it comes back, and the devices go on
 */
export async function outage(seconds, isKilled) {
  const database = await startThrowawayDatabase({ durable: true });
  const control = (act) => {
    const { status } = spawnSync('sh', ['-c', `${database.control} -m immediate -w ${act}`], {
      cwd: '/',
      stdio: 'ignore',
    });
    if (status !== 0) throw new Trouble(`The database did not ${act}.`);
  };
  const port = await freePort();
  const address = `http://127.0.0.1:${port}`;
  let server = await startServer(database.url, port);
  try {
    const typists = await Promise.all(Array.from({ length: 20 }, (_, at) => typist(address, at + 1)));
    await pause(500);
    control('stop');
    // What was on its way is acknowledged or not by now.
    await pause(500);
    const before = typists.map(({ typed }) => typed.acknowledged);
    await pause(seconds * 1000);
    const meanwhile = typists.filter(({ typed }, at) => typed.acknowledged !== before[at]).length;
    if (isKilled) await killServer(server);
    control('start');
    if (isKilled) server = await startServer(database.url, port);
    await Promise.all(typists.map((each) => each.finish(PATIENCE)));
    const waiting = waitingInVain(typists);
    const found = await lookWhatIsThere(address, typists);
    for (const each of typists) each.leave();
    return { ...found, meanwhile, waiting };
  } finally {
    await stopServer(server);
    database.stop();
  }
}
