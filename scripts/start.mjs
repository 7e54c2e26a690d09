// npm start: from a fresh clone to a served application with demo data; seconds the second time.
import { fork } from 'node:child_process';
import { join } from 'node:path';
import { keepRunning } from './keep-running.mjs';
import { startDatabase } from './postgres.mjs';
import { buildAll, installPackages, isFree, main, root, say, Trouble } from './steps.mjs';

const port = Number(process.env.PORT ?? 4170);
/** The demo's passwords are known to everybody: where everybody can come, it is there only when it is asked for. */
const withDemo = process.env.GOBREL_PUBLIC_ADDRESS === undefined || process.env.LOAD_SAMPLE === 'yes';

function sayWhoIsThere() {
  console.log(`
  Teacher   http://127.0.0.1:${port}/        odile@marrambay.example   password: saltmarsh at night
  Student   http://127.0.0.1:${port}/join    code HRNS-427, any name of 6 Heron; PIN 2468
            (Ulises, Vesna, Wilder and Yuki have not been in yet: they set their own PIN)

  Stop with Ctrl-C.
`);
}

main(async () => {
  if (!(await isFree(port))) {
    throw new Trouble(
      `Port ${port} is taken by another program. Stop that one, or start beside it at another port; if it is Gobrel too, ` +
        'both work on the same data:\n  PORT=4180 npm start',
    );
  }
  installPackages();
  buildAll();
  say('starting the database …');
  const database = await startDatabase();
  say('starting the server …');
  let isFirst = true;
  const start = () => {
    const server = fork(join(root, 'apps/server/dist/main.js'), {
      env: {
        ...process.env,
        DATABASE_URL: database.url,
        PORT: String(port),
        WEB_FOLDER: join(root, 'apps/web/dist'),
        LOAD_SAMPLE: withDemo ? 'yes' : 'no',
      },
      // Its own group, so that Ctrl-C reaches it once, from here, after which the database is stopped.
      detached: true,
    });
    server.on('message', (message) => {
      if (message !== 'listening') return;
      say(`ready: http://127.0.0.1:${port}`);
      if (isFirst && withDemo) sayWhoIsThere();
      isFirst = false;
    });
    return server;
  };
  const server = keepRunning(start, say);
  process.on('SIGINT', server.stop);
  process.on('SIGTERM', server.stop);
  const code = await server.ended;
  say('stopping the database …');
  const hasStopped = await database.stop();
  say(hasStopped ? 'stopped.' : 'stopped; the database stays for whoever else uses it.');
  process.exitCode = code;
});
