// npm run endurance -- [TIMES]: what takes longer than the tests may. Ends with an error when anything was lost.
import { buildAll, main, say, Trouble } from '../scripts/steps.mjs';

main(async () => {
  const times = Number(process.argv[2] ?? 100);
  buildAll();
  const { kill } = await import('./kill.mjs');
  say(`the server is killed ${times} times in mid-typing …`);
  const { acknowledged, lost } = await kill(times);
  say(`${acknowledged} students had something acknowledged when it was killed; ${lost} lost it.`);
  if (acknowledged === 0) throw new Trouble('Nothing was acknowledged, so that nothing was tried.');
  if (lost > 0) throw new Trouble('Something that was acknowledged is lost.');
}).finally(() => process.exit());
