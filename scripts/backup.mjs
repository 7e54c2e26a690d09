// npm run backup -- FILE: everything there is, in one file, while Gobrel runs.
import { spawn } from 'node:child_process';
import { createWriteStream, existsSync, renameSync, rmSync, statSync } from 'node:fs';
import { basename, dirname, join, resolve } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { postgresPrograms, startDatabase } from './postgres.mjs';
import { main, say, Trouble } from './steps.mjs';

/** What a backup cannot be written over, as what is there may be the last of its kind. */
export function refuseExisting(file) {
  if (existsSync(file)) throw new Trouble(`${file} is there already, and is not written over. Choose another name.`);
}

/**
 * Writes everything in a database into a file, as it is at one moment. It is there whole, or not at all.
 * @param url postgres://…
 */
export async function writeBackup(url, file) {
  refuseExisting(file);
  if (!existsSync(dirname(file))) throw new Trouble(`There is no folder ${dirname(file)}. Make it, then try again.`);
  const unfinished = join(dirname(file), `.${basename(file)}.unfinished`);
  // Children's work is in it: nobody else on this machine may read it.
  const into = createWriteStream(unfinished, { mode: 0o600 });
  const dump = spawn(join(postgresPrograms(), 'pg_dump'), ['--format=custom', url], {
    stdio: ['ignore', 'pipe', 'pipe'],
  });
  let said = '';
  dump.stderr.on('data', (chunk) => (said += chunk));
  const ended = new Promise((done) => dump.once('close', done));
  try {
    await pipeline(dump.stdout, into);
    if ((await ended) !== 0) throw new Trouble(`The backup could not be made:\n${said.trim()}`);
    renameSync(unfinished, file);
  } catch (error) {
    rmSync(unfinished, { force: true });
    throw error;
  }
}

/** The database that is meant: that of DATABASE_URL, or this project's own, which is started for as long as it is needed. */
export async function whichDatabase() {
  const { DATABASE_URL } = process.env;
  const leave = () => Promise.resolve(false);
  if (DATABASE_URL) return { url: DATABASE_URL, stop: leave };
  const database = await startDatabase();
  return database.wasRunning ? { ...database, stop: leave } : database;
}

/** The file that the command was given. */
export function givenFile(command) {
  const [given] = process.argv.slice(2);
  if (!given) throw new Trouble(`Say which file: npm run ${command} -- FILE`);
  return resolve(process.env.INIT_CWD ?? '.', given);
}

if (process.argv[1]?.endsWith('backup.mjs')) {
  main(async () => {
    const file = givenFile('backup');
    refuseExisting(file);
    const database = await whichDatabase();
    try {
      say('writing the backup …');
      await writeBackup(database.url, file);
      say(`everything is in ${file} (${(statSync(file).size / 1024 / 1024).toFixed(1)} MB).`);
      say('Keep it where only you can read it: the work of children is in it.');
    } finally {
      await database.stop();
    }
  });
}
