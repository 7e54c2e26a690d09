// npm run api: publishes the document of the HTTP API (docs/api.json), unless scripts that were written for the last one would trip over it.
import { existsSync, readFileSync, writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { pathToFileURL } from 'node:url';
import { buildAll, main, root, runLoud, say, Trouble } from './steps.mjs';

const published = join(root, 'docs/api.json');

main(async () => {
  buildAll();
  const { describeApi, breakingChanges } = await import(
    pathToFileURL(join(root, 'apps/server/dist/api/describe-api.js')).href
  );
  const now = describeApi();
  const before = existsSync(published) ? JSON.parse(readFileSync(published, 'utf8')) : now;
  const majorOf = ({ info }) => String(info.version).split('.')[0];
  const broken = majorOf(before) === majorOf(now) ? breakingChanges(before, now) : [];
  if (broken.length > 0)
    throw new Trouble(
      `Scripts of others would trip over this:\n  ${broken.join('\n  ')}\nKeep what was there beside what is new, or begin another version (API_VERSION, and routes below /api/v…).`,
    );
  writeFileSync(published, `${JSON.stringify(now, null, 2)}\n`);
  await runLoud('npx', ['prettier', '--write', '--log-level', 'warn', published]);
  say('docs/api.json is what the API is.');
});
