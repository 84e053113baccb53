// One command on a fresh machine: installs what the tests need, runs them all, and counts.
import { spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium, ensurePackages, quietEnv, root } from './ensure.mjs';

ensurePackages();
ensureChromium();

const bin = (name) => join(root, 'node_modules/.bin', name);
const results = join(root, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

let passed = 0;
let failed = 0;

function step(title, command, args, env = {}) {
  console.log(`\n== ${title}`);
  const startedAt = Date.now();
  const { status } = spawnSync(command, args, {
    cwd: root,
    stdio: 'inherit',
    env: { ...quietEnv, ...env },
  });
  console.log(
    `-- ${title}: ${status === 0 ? 'passed' : 'FAILED'}, ${Math.round((Date.now() - startedAt) / 1000)} s`,
  );
  return status === 0;
}

/** A check that is one test: it passes or it fails. */
function check(title, command, args) {
  if (step(title, command, args)) passed += 1;
  else failed += 1;
}

/** A runner that counts its own tests; one that leaves no count has failed. */
function counted(title, command, args, file, count, env) {
  const good = step(title, command, args, env);
  try {
    const tests = count(JSON.parse(readFileSync(join(results, file), 'utf8')));
    passed += tests.passed;
    failed += tests.failed;
    if (!good && tests.failed === 0) failed += 1;
    if (tests.passed + tests.failed === 0) failed += 1;
  } catch {
    failed += 1;
  }
}

check('formatting', bin('prettier'), ['--check', '--log-level=warn', '.']);
check('lint', bin('eslint'), ['.', '--max-warnings', '0']);
check('layers', bin('depcruise'), [
  'src',
  'server',
  'tools',
  'index.ts',
  '--config',
  '.dependency-cruiser.cjs',
]);
check('types', bin('tsc'), ['--noEmit']);
counted(
  'unit tests',
  bin('jest'),
  ['--ci', '--silent', '--json', `--outputFile=${join(results, 'unit.json')}`],
  'unit.json',
  ({ numPassedTests, numFailedTests, numRuntimeErrorTestSuites }) => ({
    passed: numPassedTests,
    failed: numFailedTests + numRuntimeErrorTestSuites,
  }),
);
check('build', process.execPath, [join(root, 'tools/run/build.mjs')]);
counted(
  'browser journeys and accessibility',
  bin('playwright'),
  ['test'],
  'journeys.json',
  ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
);

console.log(`\ntests: ${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
