// Running the steps of a command: what is happening is said while it happens, what went wrong in words.
import { spawn, spawnSync } from 'node:child_process';
import { createHash } from 'node:crypto';
import { existsSync, mkdirSync, readdirSync, readFileSync, statSync, writeFileSync } from 'node:fs';
import { createServer } from 'node:net';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

/** The project's folder. */
export const root = dirname(dirname(fileURLToPath(import.meta.url)));

/** How Debian's Chromium is started, in its build without windows, and without asking anything of the network. */
export const chromiumOptions = JSON.parse(readFileSync(join(root, 'scripts', 'chromium.json'), 'utf8'));

/** Something a person has to do; shown without a stack trace. */
export class Trouble extends Error {}

/** Prints a line about what is happening. */
export function say(text) {
  console.log(`gobrel · ${text}`);
}

/** Runs a command to its end; its output is shown only when it fails. Throws Trouble with `onFailure`. */
export function runQuietly(command, args, onFailure, options = {}) {
  const done = spawnSync(command, args, { encoding: 'utf8', cwd: root, maxBuffer: 1 << 28, ...options });
  if (done.status === 0) return done.stdout;
  const said = [done.stdout, done.stderr, done.error?.message].filter(Boolean).join('\n').trim();
  throw new Trouble(`${onFailure}\n${said.split('\n').slice(-25).join('\n')}`);
}

/** Runs a command and passes its output on while it runs; gives its exit code and all it printed. */
export function runLoud(command, args, options = {}) {
  return run(command, args, options, (stream, chunk) => stream.write(chunk));
}

/** Runs a command beside others: its output is passed on in one piece when it has ended. */
export async function runHeld(command, args, options = {}) {
  const done = await run(command, args, options, () => {});
  process.stdout.write(done.output);
  return done;
}

function run(command, args, options, pass) {
  return new Promise((resolve) => {
    const child = spawn(command, args, { cwd: root, stdio: ['ignore', 'pipe', 'pipe'], ...options });
    let output = '';
    const keep = (stream) => (chunk) => {
      output += chunk;
      pass(stream, chunk);
    };
    child.stdout.on('data', keep(process.stdout));
    child.stderr.on('data', keep(process.stderr));
    child.on('error', (error) => resolve({ code: 1, output: `${output}\n${error.message}` }));
    child.on('close', (code) => resolve({ code: code ?? 1, output }));
  });
}

/** Whether a command can be found. */
export function hasCommand(name) {
  return spawnSync('sh', ['-c', `command -v ${name}`]).status === 0;
}

/** Whether a TCP port on loopback is free. */
export function isFree(port) {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.once('error', () => resolve(false));
    probe.listen(port, '127.0.0.1', () => probe.close(() => resolve(true)));
  });
}

/** A free port on loopback. */
export function freePort() {
  return new Promise((resolve) => {
    const probe = createServer();
    probe.listen(0, '127.0.0.1', () => {
      const { port } = probe.address();
      probe.close(() => resolve(port));
    });
  });
}

/** Installs a Debian package when this user may; else says exactly what to run. */
export function installDebianPackage(name) {
  const command = `apt-get update && apt-get install -y --no-install-recommends ${name}`;
  if (process.getuid?.() !== 0)
    throw new Trouble(
      `Debian's package "${name}" is missing. Run this once, then try again:\n  sudo sh -c '${command}'`,
    );
  if (!hasCommand('apt-get'))
    throw new Trouble(`"${name}" is missing, and this is not Debian. Install it, then try again.`);
  say(`installing Debian's ${name} …`);
  runQuietly('sh', ['-c', command], `"${name}" could not be installed.`, {
    env: { ...process.env, DEBIAN_FRONTEND: 'noninteractive' },
  });
}

/** Debian's Chromium without windows, installed when it is missing. */
export function installChromium() {
  if (!existsSync(chromiumOptions.executablePath)) installDebianPackage('chromium-headless-shell');
}

/** Where what standards say of their files is kept, and the schema of OpenDocument. */
const schemas = join(root, 'node_modules', '.schemas');
export const odfSchema = join(schemas, 'OpenDocument-schema-v1.3.rnc');

/** What tests read PDF files with, as somebody else would. */
export function installPdfReaders() {
  if (!hasCommand('qpdf')) installDebianPackage('qpdf');
  if (!hasCommand('pdftocairo')) installDebianPackage('poppler-utils');
}

/** What tests read presentations with, as somebody else would: a reader of OpenDocument, a validator, and the schema of the standard. */
export function installSlideReaders() {
  if (!existsSync('/usr/lib/python3/dist-packages/odf')) installDebianPackage('python3-odf');
  if (!hasCommand('jing')) installDebianPackage('jing');
  if (existsSync(odfSchema)) return;
  say("fetching the schema of OpenDocument from Debian's emacs-common …");
  const fetch = `mkdir -p "${schemas}" && cd "${schemas}" && apt-get -qq download emacs-common && dpkg -x emacs-common*.deb . && find usr -name 'OpenDocument-schema-v1.3.rnc' -exec cp {} . ';' && rm -rf usr emacs-common*.deb`;
  const command = `(${fetch}) || (apt-get -qq update && ${fetch})`;
  runQuietly('sh', ['-c', command], 'The schema of OpenDocument could not be fetched.');
}

/** Installs the npm packages when the lock file has changed since the last time. */
export function installPackages() {
  const stamp = join(root, 'node_modules', '.gobrel-installed');
  const lock = createHash('sha256')
    .update(readFileSync(join(root, 'package-lock.json')))
    .digest('hex');
  if (existsSync(stamp) && readFileSync(stamp, 'utf8') === lock) return;
  say('installing npm packages (two to three minutes the first time) …');
  runQuietly('npm', ['ci', '--no-audit', '--no-fund'], 'The npm packages could not be installed.');
  writeFileSync(stamp, lock);
}

/** Builds everything when a source has changed since the last time. */
export function buildAll() {
  buildOnce('built', 'building …', join(root, 'apps/web/dist'), () =>
    runQuietly('npm', ['run', 'build'], 'The application could not be built.', { env: production }),
  );
}

/** The folder of the web application in the pseudo-language, built when a source has changed since the last time. */
export function buildPseudo() {
  const folder = join(root, '.data', 'web-pseudo');
  const env = { ...production, GOBREL_LANGUAGE: 'pseudo', GOBREL_BUILD_FOLDER: folder };
  buildOnce('built-pseudo', 'building in the pseudo-language …', folder, () =>
    runQuietly('npx', ['vite', 'build'], 'It could not be built.', { env, cwd: join(root, 'apps/web') }),
  );
  return folder;
}

// Whoever starts a build, a test runner too, it is the one people use: with its service worker.
const production = { ...process.env, NODE_ENV: 'production' };

/** @param stamp names the file that says of which sources the web in `folder` was built */
function buildOnce(stamp, saying, folder, build) {
  const file = join(root, '.data', stamp);
  const now = sourcesDigest();
  if (existsSync(file) && readFileSync(file, 'utf8') === now && existsSync(join(folder, 'index.html'))) return;
  say(saying);
  build();
  mkdirSync(dirname(file), { recursive: true });
  writeFileSync(file, now);
}

function sourcesDigest() {
  const digest = createHash('sha256');
  const visit = (folder) => {
    for (const entry of readdirSync(folder, { withFileTypes: true }).sort((a, b) => (a.name < b.name ? -1 : 1))) {
      if (['node_modules', 'dist', 'compiled'].includes(entry.name) || entry.name.endsWith('.tsbuildinfo')) continue;
      const path = join(folder, entry.name);
      if (entry.isDirectory()) visit(path);
      else digest.update(`${path} ${statSync(path).mtimeMs} ${statSync(path).size}\n`);
    }
  };
  for (const folder of ['packages', 'apps', 'demo']) visit(join(root, folder));
  digest.update(readFileSync(join(root, 'package-lock.json')));
  return digest.digest('hex');
}

/** Runs a command's main function; trouble is said in words and ends with exit code 1. */
export async function main(run) {
  try {
    await run();
  } catch (error) {
    console.error(error instanceof Trouble ? `\ngobrel · ${error.message}` : error);
    process.exitCode = 1;
  }
}
