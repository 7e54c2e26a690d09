// Several processes behind the proxy: they are restarted one after the other, and killed, in mid-typing. The devices stay
// and find their way to another process.
import { startDistrict } from '../scripts/district.mjs';
import { startThrowawayDatabase } from '../scripts/postgres.mjs';
import { freePort } from '../scripts/steps.mjs';
import { lookWhatIsThere, pause, typist, waitingInVain } from './typist.mjs';

const PATIENCE = 30_000;

/** @param processes how many; `kills` of them are killed, one at a time, after all were restarted once */
export async function many(processes, kills) {
  const database = await startThrowawayDatabase({ durable: true });
  const district = await startDistrict({
    databaseUrl: database.url,
    port: await freePort(),
    processes,
    settings: { LOAD_SAMPLE: 'yes' },
  });
  try {
    const typists = await Promise.all(Array.from({ length: 20 }, (_, at) => typist(district.address, at + 1)));
    await pause(500);
    await district.roll();
    for (let time = 0; time < kills; time += 1) {
      district.servers[time % processes].kill();
      await pause(2500);
    }
    await Promise.all(typists.map((each) => each.finish(PATIENCE)));
    const waiting = waitingInVain(typists);
    const found = await lookWhatIsThere(district.address, typists);
    for (const each of typists) each.leave();
    return { ...found, waiting };
  } finally {
    await district.stop();
    database.stop();
  }
}
