// npm test: everything CI checks. The last line counts what the runners reported.
import { existsSync, mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { postgresPrograms } from './postgres.mjs';
import { chromiumOptions, installDebianPackage, installPackages, main, root, runLoud, say } from './steps.mjs';

const reports = join(root, 'test-results', 'reports');

/** A check that passes or fails as a whole. */
async function check(name, args, command = 'npx') {
  say(`${name} …`);
  const { code } = await runLoud(command, args);
  return code === 0 ? { passed: 1, failed: 0 } : { passed: 0, failed: 1 };
}

/** A test runner: its own report is counted; a run without a report is a failure. */
async function runner(name, command, args, report, count, env = {}) {
  say(`${name} …`);
  const { code } = await runLoud(command, args, { env: { ...process.env, ...env } });
  if (!existsSync(report)) return { passed: 0, failed: 1 };
  const counted = count(JSON.parse(readFileSync(report, 'utf8')));
  // A runner that fails although none of its tests did (a suite that cannot be loaded, say) is a failure too.
  return code !== 0 && counted.failed === 0 ? { ...counted, failed: 1 } : counted;
}

const jestCount = (report) => ({
  passed: report.numPassedTests,
  failed: report.numFailedTests + report.numRuntimeErrorTestSuites,
});
/** On CI a browser test gets a second attempt, as its machine may stall; that it needed one is said. */
const playwrightCount = ({ stats }) => {
  if (stats.flaky > 0) console.log(`\n${stats.flaky} end-to-end tests passed only at the second attempt: see above.`);
  return { passed: stats.expected + stats.flaky, failed: stats.unexpected };
};

main(async () => {
  installPackages();
  postgresPrograms();
  if (!existsSync(chromiumOptions.executablePath)) installDebianPackage('chromium');
  rmSync(reports, { recursive: true, force: true });
  mkdirSync(reports, { recursive: true });
  const jest = (file, projects) => [
    'jest',
    '--json',
    `--outputFile=${join(reports, file)}`,
    '--selectProjects',
    ...projects,
  ];
  const results = [
    await check('messages', ['run', '-s', 'messages:check'], 'npm'),
    await check('types', ['tsc', '-b']),
    await check('types of the web', ['tsc', '-p', 'apps/web']),
    await check('types of the end-to-end tests', ['tsc', '-p', 'e2e']),
    await check('lint', ['eslint', '.', '--max-warnings', '0']),
    await check('format', ['prettier', '--check', '--log-level', 'warn', '.']),
    await check('dependency rules', ['depcruise', 'packages', 'apps', 'demo', '--config', '.dependency-cruiser.cjs']),
    await runner(
      'unit tests',
      'npx',
      jest('unit.json', ['core', 'contract', 'messages', 'slide-view', 'demo', 'web']),
      join(reports, 'unit.json'),
      jestCount,
    ),
    await runner(
      'server tests',
      'node',
      ['scripts/with-database.mjs', 'npx', ...jest('server.json', ['server']), '--runInBand', '--forceExit'],
      join(reports, 'server.json'),
      jestCount,
    ),
    await runner('commands', 'npx', jest('commands.json', ['commands']), join(reports, 'commands.json'), jestCount),
    await runner('end-to-end tests', 'node', ['scripts/e2e.mjs'], join(reports, 'e2e.json'), playwrightCount, {
      PLAYWRIGHT_JSON_OUTPUT_NAME: join(reports, 'e2e.json'),
    }),
  ];
  const passed = results.reduce((sum, result) => sum + result.passed, 0);
  const failed = results.reduce((sum, result) => sum + result.failed, 0);
  process.exitCode = failed === 0 ? 0 : 1;
  console.log(`\n${passed} passed, ${failed} failed`);
});
