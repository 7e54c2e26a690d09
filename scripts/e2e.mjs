// End-to-end tests: the built application on a throwaway database, and headless Chromium in front of it.
import { fork } from 'node:child_process';
import { createServer } from 'node:http';
import { join } from 'node:path';
import { startThrowawayDatabase } from './postgres.mjs';
import { startPlatformAt, startProviderWith } from './stand-ins.mjs';
import {
  buildAll,
  buildPseudo,
  freePort,
  installChromium,
  installPdfReaders,
  installSlideReaders,
  main,
  root,
  runLoud,
  say,
  Trouble,
} from './steps.mjs';

/** Starts the server; resolves when it listens. */
export function startServer(databaseUrl, port, webFolder = join(root, 'apps/web/dist'), settings = {}) {
  return new Promise((resolve, reject) => {
    const server = fork(join(root, 'apps/server/dist/main.js'), {
      env: {
        ...process.env,
        DATABASE_URL: databaseUrl,
        PORT: String(port),
        WEB_FOLDER: webFolder,
        LOAD_SAMPLE: 'yes',
        ...settings,
      },
      stdio: ['ignore', 'ignore', 'inherit', 'ipc'],
    });
    server.once('message', () => resolve(server));
    server.once('exit', () => reject(new Trouble('The server did not start.')));
  });
}

/** Stops a server in order; resolves when it has ended. */
export function stopServer(server) {
  server.removeAllListeners('exit');
  server.kill('SIGTERM');
  return new Promise((resolve) => server.once('exit', resolve));
}

/**
 * Runs `act` with the address of a fresh server. `startWith` starts one more on the same database, with the web
 * application of another folder, and gives its address. `durable` asks for a database that writes to disk.
 */
export async function withApplication(act, { durable = false } = {}) {
  buildAll();
  installChromium();
  installPdfReaders();
  installSlideReaders();
  const database = await startThrowawayDatabase({ durable });
  const servers = [];
  const start = async (webFolder) => {
    const port = await freePort();
    servers.push(await startServer(database.url, port, webFolder));
    return `http://127.0.0.1:${port}`;
  };
  try {
    return await act(await start(), start, database.url);
  } finally {
    await Promise.all(servers.map(stopServer));
    database.stop();
  }
}

/**
 * Runs `act` with the address of a server that may be killed: whatever is sent to `killSwitch` kills it hard and starts it
 * again.
 */
async function withMortal(databaseUrl, act) {
  const port = await freePort();
  let mortal = await startServer(databaseUrl, port);
  const killSwitch = createServer(async (request, response) => {
    mortal.removeAllListeners('exit');
    mortal.kill('SIGKILL');
    mortal = await startServer(databaseUrl, port);
    response.end('again');
  });
  await new Promise((resolve) => killSwitch.listen(0, '127.0.0.1', resolve));
  const at = (number) => `http://127.0.0.1:${number}`;
  try {
    return await act({ address: at(port), killSwitch: at(killSwitch.address().port) });
  } finally {
    killSwitch.close();
    await stopServer(mortal);
  }
}

/** Runs `act` with the addresses of a server that a school's own sign-in and learning platform know, and of the platform. */
async function withSchool(databaseUrl, act) {
  const { provider, settings } = await startProviderWith();
  const platform = await startPlatformAt();
  const port = await freePort();
  const server = await startServer(databaseUrl, port, undefined, settings);
  try {
    return await act({ address: `http://127.0.0.1:${port}`, platform: platform.issuer });
  } finally {
    await stopServer(server);
    await Promise.all([provider.stop(), platform.stop()]);
  }
}

if (process.argv[1]?.endsWith('e2e.mjs')) {
  main(async () => {
    say('end-to-end tests …');
    const run = async (address, startWith, mortal, school) => {
      const env = {
        ...process.env,
        GOBREL_PSEUDO_ADDRESS: await startWith(buildPseudo()),
        GOBREL_ADDRESS: address,
        GOBREL_MORTAL_ADDRESS: mortal.address,
        GOBREL_KILL_SWITCH: mortal.killSwitch,
        GOBREL_SCHOOL_ADDRESS: school.address,
        GOBREL_PLATFORM_ADDRESS: school.platform,
      };
      const { code } = await runLoud(
        'npx',
        ['playwright', 'test', '--config', 'e2e/playwright.config.ts', ...process.argv.slice(2)],
        { env },
      );
      process.exitCode = code;
    };
    await withApplication((address, startWith, databaseUrl) =>
      withMortal(databaseUrl, (mortal) => withSchool(databaseUrl, (school) => run(address, startWith, mortal, school))),
    );
  });
}
