// npm run endurance -- [TIMES [outage] [disk] [offline] [many] [stop] [kill] [readers]]: what takes longer than the tests may; all of it, or some. Ends
// with an error when anything was lost.
import { buildAll, installPackages, main, say, Trouble } from '../scripts/steps.mjs';

/** Says what came of something that was tried, and ends in trouble when it is not as it has to be. */
function judge({ acknowledged, lost, meanwhile = 0, waiting = 0 }) {
  say(`  ${acknowledged} students had something acknowledged; ${lost} lost it.`);
  if (acknowledged === 0) throw new Trouble('Nothing was acknowledged, so that nothing was tried.');
  if (lost > 0) throw new Trouble('Something that was acknowledged is lost.');
  if (meanwhile > 0) throw new Trouble(`${meanwhile} were told that something is saved while there was no database.`);
  if (waiting > 0) throw new Trouble(`${waiting} still wait for something to be acknowledged.`);
}

/** Tries every reader of files so often; ends in trouble when one throws, or takes too long. */
async function readers(times) {
  const { tryReaders } = await import('./readers.mjs');
  say(`every reader of files is tried ${times} times with what something was done to …`);
  const { tried, found } = await tryReaders(times);
  for (const { name, what, input } of found.slice(0, 10)) console.log(`${name}: ${what}\n${input}\n`);
  say(`  ${tried} inputs; ${found.length} were thrown at, or took too long.`);
  if (found.length > 0) throw new Trouble('A reader did not take what it was given.');
}

main(async () => {
  const [times = '100', ...chosen] = process.argv.slice(2);
  installPackages();
  buildAll();
  const { stopServer } = await import('../scripts/e2e.mjs');
  const { endAgainAndAgain, killServer } = await import('./ends.mjs');
  const { many } = await import('./many.mjs');
  const { canFill, fullDisk } = await import('./full-disk.mjs');
  const { offline } = await import('./offline.mjs');
  const { outage } = await import('./outage.mjs');
  const parts = [
    ['outage', 'the database is away for 60 s in mid-typing', () => outage(60, false)],
    ['outage', 'the database is away for 20 s, and the server is killed meanwhile', () => outage(20, true)],
    ...(canFill()
      ? [['disk', 'the disk of the database is full for 30 s in mid-typing', () => fullDisk(30)]]
      : [['disk', 'a full disk is passed over: only an administrator can make a small one', null]]),
    ['offline', '30 devices are without a network for an hour, and all come back at once', () => offline(60)],
    ['many', '2 processes are restarted one by one in mid-typing, and then killed one by one', () => many(2, 2)],
    ['many', '4 processes are restarted one by one in mid-typing, and then killed one by one', () => many(4, 4)],
    ['stop', 'the server is stopped in order 5 times in mid-typing', () => endAgainAndAgain(5, stopServer)],
    ['kill', `the server is killed ${times} times in mid-typing`, () => endAgainAndAgain(Number(times), killServer)],
  ];
  if (chosen.length === 0 || chosen.includes('readers')) await readers(Number(times) * 100);
  for (const [name, saying, run] of parts) {
    if (chosen.length > 0 && !chosen.includes(name)) continue;
    say(`${saying} …`);
    if (run) judge(await run());
  }
}).finally(() => process.exit());
