// npm test: everything CI checks. The last line counts what the runners reported.
// `npm test -- --shard 2/3` runs the second third of the tests, for machines that share the work.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { postgresPrograms } from './postgres.mjs';
import { installProxy } from './proxy.mjs';
import { installRedis } from './redis.mjs';
import {
  installChromium,
  installPdfReaders,
  installSlideReaders,
  installPackages,
  main,
  root,
  runHeld,
  runLoud,
  say,
  Trouble,
} from './steps.mjs';

const reports = join(root, 'test-results', 'reports');

/** Which of how many parts of the tests, as runners read it; none where all of them run. */
function shardOf(args) {
  const given = args[args.indexOf('--shard') + 1];
  if (!args.includes('--shard')) return { args: [], isFirst: true };
  if (!/^[1-9]\d*\/[1-9]\d*$/.test(given ?? '')) throw new Trouble('Say which part of how many: --shard 1/3');
  return { args: [`--shard=${given}`], isFirst: given.startsWith('1/') };
}

/** A check that passes or fails as a whole. */
const check = (name, args, command = 'npx') => ({
  name,
  run: async (run) => ((await run(command, args)).code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 }),
});

/** A test runner: its own report is counted; a run without a report is a failure. */
const runner = (name, command, args, report, count, env = {}) => ({
  name,
  run: async (run) => {
    const { code } = await run(command, args, { env: { ...process.env, ...env } });
    if (!existsSync(report)) return { passed: 0, failed: 1 };
    const counted = count(JSON.parse(readFileSync(report, 'utf8')));
    // A runner that fails although none of its tests did (a suite that cannot be loaded, say) is a failure too.
    return code !== 0 && counted.failed === 0 ? { ...counted, failed: 1 } : counted;
  },
});

const jestCount = (report) => ({
  passed: report.numPassedTests,
  failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
});
/** On CI a browser test gets a second attempt, as its machine may stall; that it needed one is said. */
const playwrightCount = ({ stats }) => {
  if (stats.flaky > 0) console.log(`\n${stats.flaky} end-to-end tests passed only at the second attempt: see above.`);
  return { passed: stats.expected + stats.flaky, failed: stats.unexpected };
};

/** Runs steps one after the other; gives what each came to, and says how long it took, in seconds. */
async function inTurn(steps, run) {
  const results = [];
  for (const { name, run: act } of steps) {
    say(`${name} …`);
    const began = performance.now();
    results.push({ name, ...(await act(run)) });
    say(`${name}: ${Math.round((performance.now() - began) / 1000)} s`);
  }
  return results;
}

main(async () => {
  const began = performance.now();
  const shard = shardOf(process.argv.slice(2));
  installPackages();
  postgresPrograms();
  installChromium();
  installPdfReaders();
  installSlideReaders();
  installRedis();
  installProxy();
  rmSync(reports, { recursive: true, force: true });
  mkdirSync(reports, { recursive: true });
  const jest = (file, projects) => [
    'jest',
    '--json',
    `--outputFile=${join(reports, file)}`,
    ...shard.args,
    '--passWithNoTests',
    '--selectProjects',
    ...projects,
  ];
  const messages = check('messages', ['run', '-s', 'messages:check'], 'npm');
  const checks = [
    check('types', ['tsc', '-b']),
    check('types of the web', ['tsc', '-p', 'apps/web']),
    check('types of the player', ['tsc', '-p', 'apps/player']),
    check('types of the end-to-end tests', ['tsc', '-p', 'e2e']),
    check('lint', ['eslint', '.', '--max-warnings', '0']),
    check('format', ['prettier', '--check', '--log-level', 'warn', '.']),
    check('dependency rules', ['depcruise', 'packages', 'apps', 'demo', '--config', '.dependency-cruiser.cjs']),
  ];
  const server = runner(
    'server tests',
    'node',
    ['scripts/with-database.mjs', 'npx', ...jest('server.json', ['server']), '--runInBand', '--forceExit'],
    join(reports, 'server.json'),
    jestCount,
  );
  const unit = runner(
    'unit tests',
    'npx',
    // They run alone: all cores are theirs.
    [
      ...jest('unit.json', ['core', 'contract', 'device-sync', 'messages', 'slide-view', 'demo', 'web']),
      '--maxWorkers=100%',
    ],
    join(reports, 'unit.json'),
    jestCount,
  );
  const commands = runner(
    'commands',
    'npx',
    jest('commands.json', ['commands']),
    join(reports, 'commands.json'),
    jestCount,
  );
  const endToEnd = runner(
    'end-to-end tests',
    'node',
    ['scripts/e2e.mjs', ...shard.args],
    join(reports, 'e2e.json'),
    playwrightCount,
    { PLAYWRIGHT_JSON_OUTPUT_NAME: join(reports, 'e2e.json') },
  );
  // The checks and the server's tests keep one core busy each; of two at once, each is heard when it is done.
  const results = [
    ...(await inTurn([messages], runLoud)),
    ...(await Promise.all([inTurn(shard.isFirst ? checks : [], runHeld), inTurn([server], runHeld)])).flat(),
    ...(await inTurn([unit, commands, endToEnd], runLoud)),
  ];
  const sum = (what) => results.reduce((all, result) => all + result[what], 0);
  process.exitCode = sum('failed') === 0 ? 0 : 1;
  for (const { name, failed } of results) if (failed > 0) say(`${name}: ${failed} failed`);
  say(`${((performance.now() - began) / 60_000).toFixed(1)} minutes`);
  console.log(`\n${sum('passed')} passed, ${sum('failed')} failed`);
});
