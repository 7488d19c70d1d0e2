/**
 * `npm test`: installs what is missing, then type check, lint with the layering rule and the lengths, formatted text, unit tests,
 * database tests on a throw-away cluster, and browser tests on the built app. The last line counts them all; each check without tests of
 * its own counts as one.
 */
import { execFile, spawnSync } from 'node:child_process';
import { mkdirSync, readFileSync, rmSync } from 'node:fs';
import { join } from 'node:path';
import { ensureBuild, ensureChromium, ensurePackages, ensurePostgres } from './lib/install.mjs';
import { ROOT } from './lib/processes.mjs';

let passed = 0;
let failed = 0;
/** Said once more before the last line: what failed early stands far up. @type {string[]} */
const failures = [];
const results = join(ROOT, 'test-results');

/**
 * A script of node_modules with its arguments, beside whatever else runs.
 * @param {string} script @param {string[]} args
 * @returns {Promise<{ isGood: boolean, stdout: string, stderr: string }>}
 */
const runScript = (script, args) =>
  new Promise((resolve) => {
    execFile(
      process.execPath,
      [join(ROOT, 'node_modules', script), ...args],
      { cwd: ROOT, encoding: 'utf8', maxBuffer: 1 << 28 },
      (error, stdout, stderr) => resolve({ isGood: !error, stdout, stderr }),
    );
  });

/** @param {boolean} isGood @param {string} what */
function count(isGood, what) {
  console.log(`${isGood ? 'passed' : 'FAILED'}: ${what}`);
  if (isGood) passed += 1;
  else {
    failed += 1;
    failures.push(what);
  }
}

/** @param {string} name @param {string[]} command a script of node_modules with its arguments */
async function check(name, [script = '', ...args]) {
  const started = Date.now();
  const { isGood, stdout, stderr } = await runScript(script, args);
  const output = (stdout + stderr).trim();
  if (output) console.log(output);
  count(isGood, `${name} (${((Date.now() - started) / 1000).toFixed(1)} s)`);
}

/** dependency-cruiser says "no violations" when it has seen nothing: that must fail. */
async function checkArrows() {
  const { isGood, stdout } = await runScript('dependency-cruiser/bin/dependency-cruise.mjs', [
    'src',
    '--config',
    '.dependency-cruiser.cjs',
    '--output-type',
    'json',
  ]);
  const { summary } = JSON.parse(stdout || '{"summary":{"totalCruised":0,"violations":[]}}');
  for (const { rule, from, to } of summary.violations) console.log(`${rule.name}: ${from} → ${to}`);
  count(
    isGood && summary.violations.length === 0 && summary.totalCruised > 50,
    `arrows between ${summary.totalCruised} modules`,
  );
}

/** @param {string} project its name, with * for what follows */
function runTests(project) {
  const report = join(results, `${project.replace('*', '')}.json`);
  rmSync(report, { force: true });
  spawnSync(
    process.execPath,
    [
      join(ROOT, 'node_modules/vitest/vitest.mjs'),
      'run',
      '--project',
      project,
      '--reporter=default',
      '--reporter=json',
      `--outputFile.json=${report}`,
    ],
    { cwd: ROOT, stdio: 'inherit' },
  );
  try {
    const { numPassedTests, numFailedTests, numTotalTests, success, testResults } = JSON.parse(
      readFileSync(report, 'utf8'),
    );
    for (const { name, status, message, assertionResults } of testResults) {
      for (const { fullName, status: is, failureMessages } of assertionResults)
        if (is === 'failed') failures.push(`${name}: ${fullName}\n  ${failureMessages[0]?.split('\n')[0]}`);
      // A file that could not be read at all has no tests to name.
      if (status === 'failed' && assertionResults.length === 0) failures.push(`${name}: ${message}`);
    }
    passed += numPassedTests;
    failed += numFailedTests + (success || numFailedTests > 0 ? 0 : 1) + (numTotalTests === 0 ? 1 : 0);
  } catch {
    failed += 1;
    failures.push(`${project} gave no report`);
  }
}

mkdirSync(results, { recursive: true });
await ensurePackages();
await ensurePostgres();
await ensureChromium();
// Each uses one core: two at a time.
await Promise.all([
  check('types', ['typescript/bin/tsc', '--noEmit']),
  check('lint', ['eslint/bin/eslint.js', '.', '--max-warnings=0']),
]);
await Promise.all([
  check('types of core, without browser and node', [
    'typescript/bin/tsc',
    '--noEmit',
    '-p',
    'src/core/tsconfig.json',
  ]).then(checkArrows),
  check('formatted text', ['prettier/bin/prettier.cjs', '--check', '--log-level', 'warn', '.']),
]);
runTests('unit*');
runTests('database');
await ensureBuild();
runTests('browser');
for (const each of failures) console.log(`FAILED: ${each}`);
console.log(`${passed} passed, ${failed} failed`);
process.exit(failed === 0 ? 0 : 1);
