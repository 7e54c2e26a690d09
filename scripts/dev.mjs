// npm run dev: the server, the compilers and the web with hot reload, for whoever works on Gobrel.
import { spawn } from 'node:child_process';
import { readdirSync, watch } from 'node:fs';
import { join } from 'node:path';
import { startDatabase } from './postgres.mjs';
import { installPackages, isFree, main, root, runQuietly, say, Trouble } from './steps.mjs';

const webPort = Number(process.env.PORT ?? 4171);
const serverPort = webPort + 1;

/** Compiles the messages; while a file is half written, says so and waits for the next change. */
function compileMessages() {
  try {
    runQuietly('npm', ['run', '-s', 'messages'], 'The messages were not compiled.');
  } catch (error) {
    say(error.message);
  }
}

main(async () => {
  for (const port of [webPort, serverPort]) {
    if (!(await isFree(port))) throw new Trouble(`Port ${port} is taken by another program. Stop that one first.`);
  }
  installPackages();
  say('compiling …');
  compileMessages();
  runQuietly('npx', ['tsc', '-b'], 'The sources do not compile.');
  const catalogue = join(root, 'packages/messages/catalogue');
  const watching = readdirSync(catalogue).map((language) => watch(join(catalogue, language), compileMessages));
  const database = await startDatabase();
  const settings = {
    ...process.env,
    DATABASE_URL: database.url,
    PORT: String(serverPort),
    LOAD_SAMPLE: 'yes',
    GOBREL_SERVER: `http://127.0.0.1:${serverPort}`,
  };
  // Each is a process of Node.js itself, without npx between, so that stopping it stops it.
  const start = (args, cwd = root) => spawn(process.execPath, args, { cwd, env: settings, stdio: 'inherit' });
  const children = [
    start([join(root, 'node_modules/typescript/bin/tsc'), '-b', '-w', '--preserveWatchOutput']),
    start(['--watch', join(root, 'apps/server/dist/main.js')]),
    start(
      [join(root, 'node_modules/vite/bin/vite.js'), '--port', `${webPort}`, '--strictPort', '--host', '127.0.0.1'],
      join(root, 'apps/web'),
    ),
  ];
  say(`http://127.0.0.1:${webPort} (hot reload) · stop with Ctrl-C`);
  await new Promise((resolve) => {
    process.on('SIGINT', resolve);
    process.on('SIGTERM', resolve);
  });
  await Promise.all(
    children.map((child) => {
      const over = new Promise((resolve) => child.once('exit', resolve));
      child.kill('SIGTERM');
      return over;
    }),
  );
  watching.forEach((each) => each.close());
  await database.stop();
});
