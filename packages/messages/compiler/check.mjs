// npm run messages:check: every language says the same messages with the same values, and none is there for nobody.
import { spawnSync } from 'node:child_process';
import { mkdtempSync, readdirSync, readFileSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { flatMessages, readLanguages } from './compile-catalogue.mjs';
import { findUnused } from './find-unused.mjs';

const root = new URL('../../..', import.meta.url).pathname;
const compiled = join(root, 'packages/messages/compiled/en');

/** The FormatJS command line compares all languages with English; whether it finds no fault. */
function languagesAgree() {
  const folder = mkdtempSync(join(tmpdir(), 'messages-'));
  try {
    const files = readLanguages().map(({ language, catalogue }) => {
      const file = join(folder, `${language}.json`);
      writeFileSync(file, JSON.stringify(flatMessages(catalogue)));
      return file;
    });
    const checks = ['--missing-keys', '--extra-keys', '--structural-equality'];
    const args = ['formatjs', 'verify', '--source-locale', 'en', ...checks, ...files];
    return spawnSync('npx', args, { cwd: root, stdio: 'inherit' }).status === 0;
  } finally {
    rmSync(folder, { recursive: true });
  }
}

/** The name in the catalogue of what is declared as `m3`. */
function nameOf(path) {
  const [feature, variable, ...below] = path.split('.');
  const types = readFileSync(join(compiled, `${feature}.d.ts`), 'utf8');
  const [, name] = new RegExp(`export \\{ ${variable} as "([^"]+)" \\}`).exec(types);
  return [feature, name, ...below].join('.');
}

/** What the server says: it chooses the language by itself, which the page's types do not follow. */
const OF_SERVER = ['mails', 'platform-pages'];

/** Whether the server says a message by its name. */
function isOnServer(path) {
  const [feature, name] = path.split('.');
  if (!OF_SERVER.includes(feature)) return false;
  return readdirSync(join(root, 'apps/server/src'), { recursive: true })
    .filter((file) => file.endsWith('.ts'))
    .some((file) => readFileSync(join(root, 'apps/server/src', file), 'utf8').includes(`.${name}`));
}

// The player says a few that nobody else does.
const inPlayer = new Set(findUnused(join(root, 'apps/player/tsconfig.json'), compiled));
const unused = findUnused(join(root, 'apps/web/tsconfig.json'), compiled)
  .filter((path) => inPlayer.has(path))
  .map(nameOf)
  .filter((path) => !isOnServer(path));
unused.forEach((path) => console.error(`Nobody says ${path}.`));
if (!languagesAgree() || unused.length > 0) process.exitCode = 1;
