// Builds the application once a language: English into dist, every other into a folder of its own within, and packs all.
// Then the player, from which shows in one file are made: a script and a style sheet a language.
import { spawnSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import { packFiles } from './pack-files.mjs';

const here = new URL('.', import.meta.url).pathname;
const languages = Object.keys(JSON.parse(readFileSync(join(here, '../../packages/messages/languages.json'), 'utf8')));

for (const language of languages) {
  const folder = language === 'en' ? 'dist' : join('dist', 'languages', language);
  const env = { ...process.env, GOBREL_LANGUAGE: language, GOBREL_BUILD_FOLDER: folder };
  const { status } = spawnSync('npx', ['vite', 'build'], { cwd: here, env, stdio: 'inherit' });
  if (status !== 0) process.exit(status ?? 1);
  packFiles(join(here, folder, 'assets'));
}

const player = join(here, 'dist', 'player');
for (const [language, charts] of languages.flatMap((each) => [
  [each, 'no'],
  [each, 'yes'],
])) {
  const env = {
    ...process.env,
    GOBREL_LANGUAGE: language,
    GOBREL_PLAYER_FOLDER: player,
    GOBREL_PLAYER_CHARTS: charts,
  };
  const { status } = spawnSync('npx', ['vite', 'build', '-c', 'vite.player.config.ts'], {
    cwd: here,
    env,
    stdio: 'inherit',
  });
  if (status !== 0) process.exit(status ?? 1);
}
packFiles(player);
