// One command on a fresh machine: installs what the tests need, runs them all, and counts.
import { spawn } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureChromium, ensurePackages, quietEnv, root } from './ensure.mjs';

// A browser comes while packages and unit tests are busy.
const browser = ensureChromium();
await ensurePackages();

/** The compiler that is made for the machine: a fifth of the time, and the same findings. */
const TYPES = join(root, 'node_modules/typescript-native/bin/tsc');
const bin = (name) => join(root, 'node_modules/.bin', name);
const results = join(root, 'test-results');
rmSync(results, { recursive: true, force: true });
mkdirSync(results, { recursive: true });

let passed = 0;
let failed = 0;

/** Runs one step; what it says is shown when it is over, so that steps beside it don't mix with it. */
function step(title, command, args) {
  const startedAt = Date.now();
  return new Promise((done) => {
    let said = '';
    const child = spawn(command, args, { cwd: root, env: quietEnv });
    for (const stream of [child.stdout, child.stderr]) stream.on('data', (text) => (said += text));
    child.on('close', (status) => {
      const seconds = Math.round((Date.now() - startedAt) / 1000);
      console.log(`\n== ${title}\n${said.trimEnd()}`);
      console.log(`-- ${title}: ${status === 0 ? 'passed' : 'FAILED'}, ${seconds} s`);
      done(status === 0);
    });
  });
}

/** A check that is one test: it passes or it fails. */
async function check(title, command, args) {
  if (await step(title, command, args)) passed += 1;
  else failed += 1;
}

/** A runner that counts its own tests; one that leaves no count has failed. */
async function counted(title, command, args, file, count) {
  const good = await step(title, command, args);
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

const build = () => check('build', process.execPath, [join(root, 'tools/run/build.mjs')]);

const lint = () => check('lint', bin('eslint'), ['.', '--max-warnings', '0']);

async function otherChecks() {
  await check('formatting', bin('prettier'), ['--check', '--log-level=warn', '.']);
  await check('types', process.execPath, [TYPES, '--noEmit']);
  const rooms = ['src', 'server', 'tools', 'index.ts'];
  await check('layers', bin('depcruise'), [...rooms, '--config', '.dependency-cruiser.cjs']);
}

const unitTests = () =>
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

const journeys = () =>
  counted(
    'browser journeys and accessibility',
    bin('playwright'),
    ['test'],
    'journeys.json',
    ({ stats }) => ({ passed: stats.expected + stats.flaky, failed: stats.unexpected }),
  );

// Journeys mostly wait, for pages and for the seconds of a class, and leave room for the checks.
await Promise.all([build(), unitTests(), browser]);
await Promise.all([journeys(), lint(), otherChecks()]);

console.log(`\ntests: ${passed} passed, ${failed} failed`);
process.exitCode = failed === 0 ? 0 : 1;
