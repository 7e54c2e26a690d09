// A district: thousands of students over several server processes behind the proxy, how long an answer takes to the board,
// and how that grows from one process to four. The students are processes of their own, which share the machine.
import { fork } from 'node:child_process';
import { once } from 'node:events';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { startDistrict } from '../scripts/district.mjs';
import { startThrowawayDatabase } from '../scripts/postgres.mjs';
import { buildAll, freePort, say } from '../scripts/steps.mjs';
import { quantile } from './people.mjs';

const HERE = dirname(fileURLToPath(import.meta.url));
const IN_CLASS = 30;
const EVERY = 2000;
const ROUNDS = 4;
/** How many classes each process of students plays. */
const CLASSES_A_PROCESS = 40;
/** What is measured: server processes, and students. */
const SIZES = [
  [1, 1200],
  [4, 1200],
  [4, 6000],
  [1, 6000],
];

/** Plays a school through a proxy in front of some server processes. */
async function measure(processes, students) {
  const database = await startThrowawayDatabase({ durable: true });
  const district = await startDistrict({ databaseUrl: database.url, port: await freePort(), processes });
  const players = Array.from({ length: students / IN_CLASS / CLASSES_A_PROCESS }, () =>
    fork(join(HERE, 'school-process.mjs'), [district.address, String(CLASSES_A_PROCESS), String(IN_CLASS)]),
  );
  try {
    const told = async (word, more = {}) => {
      const answers = players.map((player) => once(player, 'message').then(([answer]) => answer));
      for (const player of players) player.send({ word, ...more });
      return Promise.all(answers);
    };
    await told('open');
    const joins = (await told('join')).reduce((sum, { joins: each }) => sum + each, 0);
    await told('watch');
    const acted = await told('act', { rounds: ROUNDS, every: EVERY });
    const times = acted.flatMap((each) => each.times);
    const lost = acted.reduce((sum, each) => sum + each.lost, 0);
    return { times, lost, joins };
  } finally {
    for (const player of players) player.kill('SIGKILL');
    await district.stop();
    database.stop();
  }
}

/** Measures; says each line as it is there. */
export async function benchDistrict(print) {
  buildAll();
  for (const [processes, students] of SIZES) {
    say(`${students} students on ${processes} server processes …`);
    const { times, lost, joins } = await measure(processes, students);
    const at = (share) => quantile(times, share).toFixed(1);
    print(
      `${students} students, something every ${EVERY / 1000} s, ${processes} server processes behind the proxy: ` +
        `p50 ${at(0.5)}, p95 ${at(0.95)} ms, lost ${lost} of ${students * ROUNDS}; ${joins.toFixed(0)} joins a second`,
    );
  }
}
