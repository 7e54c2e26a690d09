// npm run endurance -- [TIMES]: what takes longer than the tests may. Ends with an error when anything was lost.
import { buildAll, installPackages, main, say, Trouble } from '../scripts/steps.mjs';

/** Says what came of something that was tried, and ends in trouble when it is not as it has to be. */
function judge({ acknowledged, lost, meanwhile = 0, waiting = 0 }) {
  say(`  ${acknowledged} students had something acknowledged; ${lost} lost it.`);
  if (acknowledged === 0) throw new Trouble('Nothing was acknowledged, so that nothing was tried.');
  if (lost > 0) throw new Trouble('Something that was acknowledged is lost.');
  if (meanwhile > 0) throw new Trouble(`${meanwhile} were told that something is saved while there was no database.`);
  if (waiting > 0) throw new Trouble(`${waiting} still wait for something to be acknowledged.`);
}

main(async () => {
  const times = Number(process.argv[2] ?? 100);
  installPackages();
  buildAll();
  const { kill } = await import('./kill.mjs');
  const { many } = await import('./many.mjs');
  const { outage } = await import('./outage.mjs');
  const { stopInOrder } = await import('./stop.mjs');
  say('the database is away for 60 s in mid-typing …');
  judge(await outage(60, false));
  say('the database is away for 20 s, and the server is killed meanwhile …');
  judge(await outage(20, true));
  for (const processes of [2, 4]) {
    say(
      `${processes} processes are restarted one after the other in mid-typing, and then killed one after the other …`,
    );
    judge(await many(processes, processes));
  }
  say('the server is stopped in order 5 times in mid-typing …');
  judge(await stopInOrder(5));
  say(`the server is killed ${times} times in mid-typing …`);
  judge(await kill(times));
}).finally(() => process.exit());
