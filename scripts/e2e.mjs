// End-to-end tests: the built application on a throwaway database, and headless Chromium in front of it.
import { fork } from 'node:child_process';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { startThrowawayDatabase } from './postgres.mjs';
import { buildAll, buildPseudo, freePort, installChromium, main, root, runLoud, say, Trouble } from './steps.mjs';

/** Starts the server; resolves when it listens. */
export function startServer(databaseUrl, port, webFolder = join(root, 'apps/web/dist')) {
  return new Promise((resolve, reject) => {
    const server = fork(join(root, 'apps/server/dist/main.js'), {
      env: {
        ...process.env,
        DATABASE_URL: databaseUrl,
        PORT: String(port),
        WEB_FOLDER: webFolder,
        LOAD_SAMPLE: 'yes',
      },
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    });
    server.once('message', () => resolve(server));
    server.once('exit', () => reject(new Trouble('The server did not start.')));
  });
}

function stopServer(server) {
  server.removeAllListeners('exit');
  server.kill('SIGTERM');
  return new Promise((resolve) => server.once('exit', resolve));
}

/**
 * Runs `act` with the address of a fresh server, and with that of a second server on the same database that may be
 * killed: whatever is sent to `killSwitch` kills it hard and starts it again. `startWith` starts one more, with the web
 * application of another folder, and gives its address.
 */
export async function withApplication(act) {
  buildAll();
  installChromium();
  const database = await startThrowawayDatabase();
  const port = await freePort();
  const server = await startServer(database.url, port);
  const mortalPort = await freePort();
  let mortal = await startServer(database.url, mortalPort);
  const killSwitch = createServer(async (request, response) => {
    mortal.removeAllListeners('exit');
    mortal.kill('SIGKILL');
    mortal = await startServer(database.url, mortalPort);
    response.end('again');
  });
  await new Promise((resolve) => killSwitch.listen(0, '127.0.0.1', resolve));
  const at = (number) => `http://127.0.0.1:${number}`;
  const others = [];
  const startWith = async (webFolder) => {
    const otherPort = await freePort();
    others.push(await startServer(database.url, otherPort, webFolder));
    return at(otherPort);
  };
  try {
    return await act(at(port), { address: at(mortalPort), killSwitch: at(killSwitch.address().port) }, startWith);
  } finally {
    killSwitch.close();
    await Promise.all([server, mortal, ...others].map(stopServer));
    database.stop();
  }
}

if (process.argv[1]?.endsWith('e2e.mjs')) {
  main(async () => {
    say('end-to-end tests …');
    await withApplication(async (address, mortal, startWith) => {
      const env = {
        ...process.env,
        GOBREL_PSEUDO_ADDRESS: await startWith(buildPseudo()),
        GOBREL_ADDRESS: address,
        GOBREL_MORTAL_ADDRESS: mortal.address,
        GOBREL_KILL_SWITCH: mortal.killSwitch,
      };
      const { code } = await runLoud(
        'npx',
        ['playwright', 'test', '--config', 'e2e/playwright.config.ts', ...process.argv.slice(2)],
        { env },
      );
      process.exitCode = code;
    });
  });
}
