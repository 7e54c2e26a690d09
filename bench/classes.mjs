// A school on one server process: 40 classes of 30 that join, walk, drag and answer at once, and how long an answer takes to
// the teacher's board; against a bare WebSocket relay that passes messages of the same size on and writes each of them to
// PostgreSQL in groups, and one that writes nothing. Once on a quiet machine, and once with a core of it taken.
import { spawn } from 'node:child_process';
import { readdirSync, readFileSync } from 'node:fs';
import { quantile } from './people.mjs';
import { throughRelay } from './relay.mjs';
import { openSchool } from './school.mjs';

const CLASSES = 40;
const IN_CLASS = 30;
/** Everybody does something once in so many milliseconds. */
const EVERY = 2000;
const ROUNDS = 6;

/** The memory that the server at an address holds, in bytes; `null` where that cannot be read. */
function memoryOf(address) {
  const port = new URL(address).port;
  for (const pid of readdirSync('/proc').filter((name) => /^\d+$/.test(name))) {
    try {
      const isServer =
        readFileSync(`/proc/${pid}/cmdline`, 'utf8').includes('server/dist/main.js') &&
        readFileSync(`/proc/${pid}/environ`, 'utf8').split('\0').includes(`PORT=${port}`);
      if (!isServer) continue;
      const [, kilobytes] = /VmRSS:\s+(\d+)/.exec(readFileSync(`/proc/${pid}/status`, 'utf8')) ?? [];
      return Number(kilobytes) * 1024;
    } catch {
      // A process that has just ended, or is somebody else's.
    }
  }
  return null;
}

/** Does something while another process takes all of a core. */
async function withCoreTaken(act) {
  const busy = spawn(process.execPath, ['-e', 'for (;;);'], { stdio: 'ignore' });
  try {
    return await act();
  } finally {
    busy.kill('SIGKILL');
  }
}

const of = (numbers, share) => quantile(numbers, share).toFixed(1);

async function compare(school, databaseUrl) {
  const rounds = { people: CLASSES * IN_CLASS, inClass: IN_CLASS, rounds: ROUNDS, every: EVERY };
  const { times, lost, sizes } = await school.act(rounds);
  const size = Math.round(quantile(sizes, 0.5));
  const writing = await throughRelay(size, rounds, databaseUrl);
  const bare = await throughRelay(size, rounds);
  const ratio = (other) => (quantile(times, 0.95) / quantile(other.times, 0.95)).toFixed(1);
  return (
    `to the board p50 ${of(times, 0.5)}, p95 ${of(times, 0.95)} ms, lost ${lost}` +
    ` · relay that writes p50 ${of(writing.times, 0.5)}, p95 ${of(writing.times, 0.95)} ms (p95 ${ratio(writing)} x)` +
    ` · relay that does not p50 ${of(bare.times, 0.5)}, p95 ${of(bare.times, 0.95)} ms (${ratio(bare)} x)`
  );
}

/** Measures; gives the lines to print. */
export async function benchClasses(address, databaseUrl) {
  const school = await openSchool({ address, classes: CLASSES, inClass: IN_CLASS });
  const before = memoryOf(address);
  const joins = await school.join();
  const after = memoryOf(address);
  await school.watch();
  const memory =
    before === null || after === null
      ? 'memory not known'
      : `${Math.round((after - before) / CLASSES / IN_CLASS / 1024)} kB of memory a student`;
  return [
    `${CLASSES} classes of ${IN_CLASS}, each student something every ${EVERY / 1000} s, one process`,
    `  quiet: ${await compare(school, databaseUrl)}`,
    `  with a core taken: ${await withCoreTaken(() => compare(school, databaseUrl))}`,
    `  ${joins.toFixed(0)} joins a second; ${memory}`,
  ].join('\n');
}
