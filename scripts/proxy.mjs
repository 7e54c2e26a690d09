// Debian's nginx on loopback in front of several server processes: the settings of deploy/, with ports of their own.
import { spawn } from 'node:child_process';
import { mkdirSync, mkdtempSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { hasCommand, installDebianPackage, isFree, root, runQuietly, Trouble } from './steps.mjs';

/** How long it may take to start, in ms. */
const STARTING = 10_000;

/** Installs Debian's package when it is missing. */
export function installProxy() {
  if (!hasCommand('nginx')) installDebianPackage('nginx-light');
}

/** Starts the proxy at a port in front of servers at other ports; gives a way to stop it. */
export async function startProxy(port, serverPorts) {
  installProxy();
  const folder = mkdtempSync(join(tmpdir(), 'gobrel-proxy-'));
  mkdirSync(join(folder, 'temp'));
  const file = join(folder, 'nginx.conf');
  writeFileSync(file, settings(folder, port, serverPorts));
  const args = ['-p', folder, '-c', file, '-e', join(folder, 'error.log')];
  runQuietly('nginx', ['-t', ...args], 'The proxy does not understand its settings.');
  const server = spawn('nginx', [...args, '-g', 'daemon off;'], { stdio: 'ignore', detached: true });
  let isGone = false;
  const gone = new Promise((resolve) =>
    server.once('close', () => {
      isGone = true;
      resolve();
    }),
  );
  for (const end = Date.now() + STARTING; await isFree(port); await new Promise((wait) => setTimeout(wait, 50)))
    if (isGone || Date.now() > end)
      throw new Trouble(`The proxy did not start:\n${readFileSync(join(folder, 'error.log'), 'utf8')}`);
  return {
    stop: async () => {
      server.kill('SIGQUIT');
      setTimeout(() => server.kill('SIGTERM'), 2000).unref();
      await gone;
      rmSync(folder, { recursive: true, force: true });
    },
  };
}

/** What deploy/ says of upstreams and locations, within what a process of one's own needs. */
function settings(folder, port, serverPorts) {
  // Nobody is given up for a moment's silence: one that restarts is asked again at once, and the next one meanwhile.
  const upstream = serverPorts.map((at) => `    server 127.0.0.1:${at} max_fails=0;`).join('\n');
  const locations = readFileSync(join(root, 'deploy', 'gobrel-locations.conf'), 'utf8');
  const asRoot = process.getuid?.() === 0 ? 'user root;' : '';
  const temp = ['client_body', 'proxy', 'fastcgi', 'uwsgi', 'scgi']
    .map((kind) => `  ${kind}_temp_path ${folder}/temp/${kind};`)
    .join('\n');
  return `${asRoot}
worker_processes 1;
pid ${folder}/nginx.pid;
events { worker_connections 16384; }
worker_rlimit_nofile 40000;
http {
  access_log off;
${temp}
  ${readFileSync(join(root, 'deploy', 'gobrel-sticky.conf'), 'utf8')}
  upstream gobrel {
    hash $gobrel_whose consistent;
${upstream}
    keepalive 64;
  }
  server {
    listen 127.0.0.1:${port} backlog=4096;
${locations}
  }
}
`;
}
