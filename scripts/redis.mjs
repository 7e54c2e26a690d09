// Debian's Redis on loopback, as the carrier between many server processes: it keeps nothing, and is gone when stopped.
import { spawn } from 'node:child_process';
import { mkdtempSync, rmSync } from 'node:fs';
import { createConnection } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { freePort, hasCommand, installDebianPackage, Trouble } from './steps.mjs';

/** How long it may take to start, in ms. */
const STARTING = 10_000;

/** Installs Debian's package when it is missing. */
export function installRedis() {
  if (!hasCommand('redis-server')) installDebianPackage('redis-server');
}

/** Starts Redis; gives its address, a way to stop it, and its process. */
export async function startRedis(port) {
  installRedis();
  const at = port ?? (await freePort());
  const folder = mkdtempSync(join(tmpdir(), 'gobrel-redis-'));
  const settings = ['--port', String(at), '--bind', '127.0.0.1', '--save', '', '--appendonly', 'no', '--dir', folder];
  // Its own group, so that Ctrl-C reaches it from here only, after those who use it.
  const server = spawn('redis-server', settings, { stdio: 'ignore', detached: true });
  let isGone = false;
  const gone = new Promise((resolve) =>
    server.once('close', () => {
      isGone = true;
      resolve();
    }),
  );
  server.once('error', () => undefined);
  for (const end = Date.now() + STARTING; !(await answers(at)); await new Promise((wait) => setTimeout(wait, 50)))
    if (isGone || Date.now() > end) throw new Trouble('Redis did not start.');
  return {
    url: `redis://127.0.0.1:${at}`,
    stop: async () => {
      server.kill('SIGTERM');
      await gone;
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** Whether Redis says that it is ready: while it starts it takes connections and answers nothing. */
function answers(port) {
  return new Promise((resolve) => {
    const probe = createConnection({ port, host: '127.0.0.1' }, () => probe.write('PING\r\n'));
    const settle = (ready) => {
      probe.destroy();
      resolve(ready);
    };
    probe.once('data', (said) => settle(said.toString().startsWith('+PONG')));
    probe.once('error', () => settle(false));
    probe.setTimeout(1000, () => settle(false));
  });
}
