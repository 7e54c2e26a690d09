// npm run restore -- FILE: everything becomes as it is in a backup, while Gobrel runs; what was there is kept beside it.
import { spawn, spawnSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { join } from 'node:path';
import { givenFile, whichDatabase, writeBackup } from './backup.mjs';
import { postgresPrograms } from './postgres.mjs';
import { main, say, Trouble } from './steps.mjs';

/** How long servers may take to let go, in ms. */
const LETTING_GO = 60_000;

const DROP_ALL = `SET client_min_messages = warning; DO $$ DECLARE each record; BEGIN
  FOR each IN SELECT tablename FROM pg_tables WHERE schemaname = 'public' LOOP
    EXECUTE format('DROP TABLE public.%I CASCADE', each.tablename);
  END LOOP;
END $$`;

/** Reads a backup to its end. @throws Trouble when it is none, or not whole */
function checkWhole(file) {
  if (!existsSync(file)) throw new Trouble(`There is no file ${file}.`);
  const read = spawnSync(join(postgresPrograms(), 'pg_restore'), ['--file=/dev/null', file], { encoding: 'utf8' });
  if (read.status !== 0)
    throw new Trouble(`${file} is no whole backup, and nothing was changed:\n${read.stderr.trim().slice(0, 500)}`);
}

/**
 * Sends every server process away and keeps those that start again waiting, as long as `connection` stands: they wait for
 * one another in turns when they start, and this is one of them.
 */
async function sendServersAway(connection) {
  await connection.query(`SELECT pg_advisory_lock(hashtextextended('starting', 1))`);
  await connection.query(`SELECT pg_notify('gobrel_care', 'end')`);
  const end = Date.now() + LETTING_GO;
  for (;;) {
    const { rows } = await connection.query(
      `SELECT 1 FROM pg_stat_activity
       WHERE datname = current_database() AND application_name = 'gobrel'
         AND (wait_event_type, wait_event) IS DISTINCT FROM ('Lock', 'advisory') LIMIT 1`,
    );
    if (rows.length === 0) return;
    if (Date.now() > end) throw new Trouble('A server does not let go of the database. Stop it, then try again.');
    await new Promise((resolve) => setTimeout(resolve, 100));
  }
}

/** Puts a backup in the place of everything, in one step: afterwards it is there whole, or nothing has changed. */
async function putInPlace(url, file) {
  const programs = postgresPrograms();
  const reading = spawn(join(programs, 'pg_restore'), ['--no-owner', '--file=-', file], {
    stdio: ['ignore', 'pipe', 'ignore'],
  });
  const options = ['--quiet', '--no-psqlrc', '--single-transaction', '--set=ON_ERROR_STOP=1', '--command', DROP_ALL];
  const writing = spawn(join(programs, 'psql'), [...options, '--file=-', url], { stdio: ['pipe', 'ignore', 'pipe'] });
  let said = '';
  writing.stderr.on('data', (chunk) => (said += chunk));
  // When it is refused in the middle, what is still read has nowhere to go.
  writing.stdin.on('error', () => undefined);
  reading.stdout.pipe(writing.stdin);
  const code = await new Promise((resolve) => writing.once('close', resolve));
  reading.kill();
  if (code !== 0) throw new Trouble(`The backup could not be put back, and nothing was changed:\n${said.trim()}`);
}

main(async () => {
  const file = givenFile('restore');
  checkWhole(file);
  // Not there before the packages are installed.
  const { Client } = await import('pg');
  const database = await whichDatabase();
  const connection = new Client({ connectionString: database.url });
  try {
    await connection.connect();
    say('the servers let go …');
    await sendServersAway(connection);
    const before = `${file}.before-${new Date().toISOString().replace(/[-:]|\.\d+/g, '')}`;
    say('keeping what is there …');
    await writeBackup(database.url, before);
    say('putting the backup in its place …');
    await putInPlace(database.url, file);
    say(`everything is as it is in ${file}. What was there before is in ${before}.`);
  } finally {
    await connection.end();
    await database.stop();
  }
});
