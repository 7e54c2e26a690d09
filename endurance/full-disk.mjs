// The disk of the database fills up in mid-typing, and is emptied again: nothing is acknowledged that is not there.
import { spawnSync } from 'node:child_process';
import { closeSync, mkdtempSync, openSync, rmSync, writeSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { startServer, stopServer } from '../scripts/e2e.mjs';
import { startThrowawayDatabase } from '../scripts/postgres.mjs';
import { freePort, Trouble } from '../scripts/steps.mjs';
import { lookWhatIsThere, pause, typist, waitingInVain } from './typist.mjs';

/** How large the disk is: a new database has 40 MB, and 16 more for each part of its log. */
const DISK = '160m';
const PATIENCE = 30_000;
const BLOCK = Buffer.alloc(64 * 1024);

/** Whether a small disk can be made here: only its administrator may. */
export const canFill = () => process.getuid?.() === 0;

function inShell(command, args) {
  if (spawnSync(command, args, { cwd: '/', stdio: 'ignore' }).status !== 0)
    throw new Trouble(`${command} ${args.join(' ')} failed.`);
}

/** Writes a file until there is no room for more of it. */
function fill(file) {
  const opened = openSync(file, 'w');
  try {
    for (;;) writeSync(opened, BLOCK);
  } catch (error) {
    if (error.code !== 'ENOSPC') throw error;
  } finally {
    closeSync(opened);
  }
}

/** @param seconds how long the disk is full */
export async function fullDisk(seconds) {
  const disk = mkdtempSync(join(tmpdir(), 'gobrel-disk-'));
  inShell('mount', ['-t', 'tmpfs', '-o', `size=${DISK},mode=1777`, 'tmpfs', disk]);
  const database = await startThrowawayDatabase({ durable: true, parent: disk });
  const port = await freePort();
  const address = `http://127.0.0.1:${port}`;
  const server = await startServer(database.url, port);
  try {
    const typists = await Promise.all(Array.from({ length: 20 }, (_, at) => typist(address, at + 1)));
    await pause(500);
    fill(join(disk, 'ballast'));
    // What there is room for in files that are there already is still written, and acknowledged rightly.
    await pause(1000);
    const before = typists.map(({ typed }) => typed.acknowledged);
    await pause(seconds * 1000);
    const meanwhile = typists.filter(({ typed }, at) => typed.acknowledged !== before[at]).length;
    rmSync(join(disk, 'ballast'));
    // A database that stopped over it is started by whoever keeps it.
    spawnSync('sh', ['-c', `${database.control} -w start`], { cwd: '/', stdio: 'ignore' });
    await Promise.all(typists.map((each) => each.finish(PATIENCE)));
    const waiting = waitingInVain(typists);
    const found = await lookWhatIsThere(address, typists);
    for (const each of typists) each.leave();
    return { ...found, meanwhile, waiting };
  } finally {
    await stopServer(server);
    database.stop();
    inShell('umount', [disk]);
    rmSync(disk, { recursive: true, force: true });
  }
}
