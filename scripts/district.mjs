// npm run district: many server processes on one database, with Redis between them and a proxy in front, on loopback.
import { fork } from 'node:child_process';
import { join } from 'node:path';
import { keepRunning } from './keep-running.mjs';
import { startDatabase } from './postgres.mjs';
import { installProxy, startProxy } from './proxy.mjs';
import { installRedis, startRedis } from './redis.mjs';
import { buildAll, freePort, installPackages, isFree, main, root, say, Trouble } from './steps.mjs';

/**
 * Starts server processes, Redis and the proxy.
 * @param port the proxy's
 * @returns the address, `roll` (restarts one process after the other), `kill` (kills one hard; it comes again), `stop`, and
 *   `ended`, which resolves once a process does not come up any more
 */
export async function startDistrict({ databaseUrl, port, processes, settings = {} }) {
  const redis = await startRedis();
  const servers = [];
  let listening;
  for (let at = 0; at < processes; at += 1) {
    const own = await freePort();
    const env = {
      ...process.env,
      DATABASE_URL: databaseUrl,
      GOBREL_REDIS: redis.url,
      WEB_FOLDER: join(root, 'apps/web/dist'),
      ...settings,
      PORT: String(own),
    };
    let child;
    const start = () => {
      // Its own group, so that Ctrl-C reaches it from here only.
      child = fork(join(root, 'apps/server/dist/main.js'), { env, detached: true });
      child.once('message', () => listening?.());
      return child;
    };
    const isThere = new Promise((resolve) => (listening = resolve));
    const server = keepRunning(start, (text) => say(`process ${at + 1}: ${text}`));
    servers.push({ ...server, port: own, kill: () => child.kill('SIGKILL'), pid: () => child.pid });
    await Promise.race([isThere, server.ended.then(() => Promise.reject(new Trouble('A server did not start.')))]);
  }
  const proxy = await startProxy(
    port,
    servers.map((server) => server.port),
  );
  return {
    address: `http://127.0.0.1:${port}`,
    servers,
    roll: async () => {
      for (const server of servers) await server.restart();
    },
    stop: async () => {
      for (const server of servers) server.stop();
      await Promise.all(servers.map(({ ended }) => ended));
      await proxy.stop();
      await redis.stop();
    },
    ended: Promise.race(servers.map(({ ended }) => ended)),
  };
}

if (process.argv[1]?.endsWith('district.mjs')) {
  main(async () => {
    const port = Number(process.env.PORT ?? 4170);
    const processes = Number(process.env.GOBREL_PROCESSES ?? 4);
    if (!(await isFree(port)))
      throw new Trouble(
        `Port ${port} is taken by another program. Start at another one:\n  PORT=4180 npm run district`,
      );
    installPackages();
    installRedis();
    installProxy();
    buildAll();
    say('starting the database …');
    const database = await startDatabase();
    say(`starting ${processes} server processes, Redis and the proxy …`);
    const district = await startDistrict({
      databaseUrl: database.url,
      port,
      processes,
      settings: { LOAD_SAMPLE: process.env.LOAD_SAMPLE ?? 'yes' },
    });
    say(`ready: ${district.address} (${processes} processes). Stop with Ctrl-C.`);
    say(`One process after the other is restarted by: kill -HUP ${process.pid}`);
    process.on('SIGHUP', () => {
      say('restarting one process after the other …');
      void district.roll().then(() => say('all are restarted.'));
    });
    const asked = new Promise((resolve) => {
      process.on('SIGINT', () => resolve(0));
      process.on('SIGTERM', () => resolve(0));
    });
    process.exitCode = await Promise.race([asked, district.ended]);
    say('stopping …');
    await district.stop();
    say((await database.stop()) ? 'stopped.' : 'stopped; the database stays for whoever else uses it.');
  });
}
